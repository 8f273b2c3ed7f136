'use client';
import { FieldError } from 'react-aria-components/FieldError';
import { Input } from 'react-aria-components/Input';
import { Label as AriaLabel } from 'react-aria-components/Label';
import { TextField as AriaTextField } from 'react-aria-components/TextField';
import styled from 'styled-components';
import { box, label } from './fieldLook';

/** What every field is made of. */
// "aria": a field the server refused must not keep the browser from sending the form again.
export const Field = styled(AriaTextField).attrs({ validationBehavior: 'aria' })`
  display: block;
  min-width: 0;
`;
export const FieldLabel = styled(AriaLabel)`
  ${label}
`;
export const Box = styled(Input)`
  ${box}
`;
export const Wrong = styled(FieldError)`
  display: block;
  font-size: var(--t-small);
  line-height: 1.3;
  color: var(--signal);
  font-weight: 600;
  margin-top: 3px;
`;

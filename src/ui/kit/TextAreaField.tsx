'use client';
import { TextArea } from 'react-aria-components/TextArea';
import styled from 'styled-components';
import { box } from './fieldLook';
import { Field, FieldLabel } from './fieldParts';

const Area = styled(TextArea)`
  ${box} min-height:72px;
  font-family: var(--font-read);
  font-weight: 400;
  resize: vertical;
`;

/** Several lines of text. */
export function TextAreaField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <Field value={value} onChange={onChange}>
      <FieldLabel>{label}</FieldLabel>
      <Area />
    </Field>
  );
}

'use client';
import type { RefObject } from 'react';
import { TextArea } from 'react-aria-components/TextArea';
import styled from 'styled-components';
import { box } from './fieldLook';
import { Box, Field, FieldLabel, Wrong } from './fieldParts';

const Area = styled(TextArea)`${box} min-height:72px;font-family:var(--font-read);font-weight:400;resize:vertical`;

interface TextProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly type?: 'text' | 'password' | 'search' | 'date';
  readonly multiline?: boolean;
  readonly error?: string | null;
  readonly autoComplete?: string;
  readonly hideLabel?: boolean;
  readonly readOnly?: boolean;
  /** The box itself, for who wants to put the focus there. */
  readonly boxRef?: RefObject<HTMLInputElement | null>;
}

/** A line (or several) of text. */
export function TextField({ label: text, value, onChange, type = 'text', multiline, error, autoComplete, hideLabel, readOnly = false, boxRef }: TextProps) {
  return (
    <Field value={value} onChange={onChange} type={type} isInvalid={!!error} isReadOnly={readOnly} {...(hideLabel ? { 'aria-label': text } : {})} {...(autoComplete ? { autoComplete } : {})}>
      {hideLabel ? null : <FieldLabel>{text}</FieldLabel>}
      {multiline ? <Area /> : <Box {...(boxRef ? { ref: boxRef } : {})} />}
      <Wrong>{error}</Wrong>
    </Field>
  );
}

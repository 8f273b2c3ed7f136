'use client';
import type { RefObject } from 'react';
import { Box, Field, FieldLabel, Wrong } from './fieldParts';

interface TextProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly type?: 'text' | 'password' | 'search' | 'date' | 'datetime-local';
  readonly error?: string | null;
  readonly autoComplete?: string;
  readonly hideLabel?: boolean;
  readonly readOnly?: boolean;
  /** The box itself, for who wants to put the focus there. */
  readonly boxRef?: RefObject<HTMLInputElement | null>;
}

/** A line of text. */
export function TextField({
  label: text,
  value,
  onChange,
  type = 'text',
  error,
  autoComplete,
  hideLabel,
  readOnly = false,
  boxRef,
}: TextProps) {
  return (
    <Field
      value={value}
      onChange={onChange}
      type={type}
      isInvalid={!!error}
      isReadOnly={readOnly}
      {...(hideLabel ? { 'aria-label': text } : {})}
      {...(autoComplete ? { autoComplete } : {})}
    >
      {hideLabel ? null : <FieldLabel>{text}</FieldLabel>}
      <Box {...(boxRef ? { ref: boxRef } : {})} />
      <Wrong>{error}</Wrong>
    </Field>
  );
}

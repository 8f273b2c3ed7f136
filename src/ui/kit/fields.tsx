'use client';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { type Dimension, fieldText, parseQuantity, type UnitId } from '@/core/units';
import { wordInput } from '@/wording/input';
import { Box, Field, FieldLabel, Wrong } from './fieldParts';

/** Leaves room for the unit that stands in it. */
const WithUnit = styled(Box)`
  padding-right: 40px;
`;

const Note = styled.span`
  display: block;
  font-size: 12px;
  color: var(--ink-2);
  margin-top: 2px;
`;
const Row = styled.span`
  position: relative;
  display: block;
`;
const Unit = styled.span`
  position: absolute;
  inset: 0 10px 0 auto;
  display: flex;
  align-items: center;
  font: 500 13px/1 var(--font-figure);
  color: var(--ink-2);
  pointer-events: none;
`;

interface QuantityProps {
  readonly label: string;
  readonly dimension: Dimension;
  readonly unit: UnitId;
  /** SI; null: not known. */
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly optional?: boolean;
  readonly least?: number;
  readonly most?: number;
  readonly placeholder?: string;
  readonly signed?: boolean;
}

/** What a typed text means for a field, and what to say about it. */
function read(text: string, p: QuantityProps): { value: number | null } | { error: string } {
  if (text.trim() === '')
    return p.optional
      ? { value: null }
      : { error: wordInput({ code: 'quantity-empty', values: {} }) };
  const minus = p.signed === true && /^\s*[-−]/.test(text);
  const parsed = parseQuantity(p.dimension, minus ? text.replace(/^\s*[-−]\s*/, '') : text, p.unit);
  if (!parsed.ok) return { error: wordInput(parsed.issues[0]!) };
  const value = minus ? -parsed.value.value : parsed.value.value;
  const [least, most] = [p.least ?? (p.signed ? -Infinity : 0), p.most ?? Infinity];
  if (value < least || value > most) {
    const show = (v: number): string => fieldText(v, p.unit);
    return {
      error: wordInput({
        code: 'out-of-range',
        values: { least: show(least), most: show(most), unit: p.unit },
      }),
    };
  }
  return { value };
}

/** The unit that was taken, when it is not the one shown beside the field. */
function takenAs(text: string, p: QuantityProps): string | null {
  const parsed = parseQuantity(p.dimension, text.replace(/^\s*[-−]\s*/, ''), p.unit);
  return parsed.ok && parsed.value.unit !== p.unit && text.trim() !== ''
    ? `taken as ${parsed.value.unit}`
    : null;
}

/** A field's own text, kept while it is being typed; a change from outside (undo, units) replaces it. */
function useFieldText(
  value: number | null,
  unit: UnitId,
): { text: string; setText: (t: string) => void; sent: { current: number | null } } {
  const shown = value === null ? '' : fieldText(value, unit);
  const [text, setText] = useState(shown);
  const sent = useRef(value);
  const shownUnit = useRef(unit);
  useEffect(() => {
    if (sent.current !== value || shownUnit.current !== unit) setText(shown);
    sent.current = value;
    shownUnit.current = unit;
  }, [value, unit, shown]);
  return { text, setText, sent };
}

/**
 * A quantity with its unit. Accepts any usual spelling; a bare number takes the unit shown. What cannot be read stays
 * in the field with the reason, and the last good value stays in force.
 */
export function QuantityField(props: QuantityProps) {
  const { text, setText, sent } = useFieldText(props.value, props.unit);
  const result = read(text, props);
  const change = (next: string): void => {
    setText(next);
    const after = read(next, props);
    if (!('value' in after) || after.value === props.value) return;
    sent.current = after.value;
    props.onChange(after.value);
  };
  const taken = takenAs(text, props);
  const error =
    'error' in result
      ? `${result.error}${props.value !== null ? ` Kept: ${fieldText(props.value, props.unit)} ${props.unit}.` : ''}`
      : null;
  return (
    <Field
      value={text}
      onChange={change}
      isInvalid={error !== null}
      inputMode={props.dimension === 'length' ? 'text' : 'decimal'}
    >
      <FieldLabel>{props.label}</FieldLabel>
      <Row>
        <WithUnit placeholder={props.placeholder ?? (props.optional ? 'not known' : '')} />
        <Unit aria-hidden>{props.unit === 'deg' ? '°' : props.unit}</Unit>
      </Row>
      {taken && !error ? <Note>{taken}</Note> : null}
      <Wrong>{error}</Wrong>
    </Field>
  );
}

/** A plain number within bounds; `whole`: a count. */
export function NumberField({
  label: text,
  value,
  onChange,
  least,
  most,
  whole = false,
}: {
  label: string;
  value: number;
  onChange: (v: number) => void;
  least: number;
  most: number;
  whole?: boolean;
}) {
  const [typed, setTyped] = useState(String(value));
  const sent = useRef(value);
  useEffect(() => {
    if (sent.current !== value) setTyped(String(value));
    sent.current = value;
  }, [value]);
  const parse = (s: string): number | null => {
    const v = (whole ? /^\d+$/ : /^\d+(\.\d+)?$/).test(s.trim()) ? Number(s) : NaN;
    return v >= least && v <= most ? v : null;
  };
  const error =
    parse(typed) === null
      ? `A ${whole ? 'whole ' : ''}number from ${least} to ${most}. Kept: ${value}.`
      : null;
  const change = (s: string): void => {
    setTyped(s);
    const v = parse(s);
    if (v !== null) {
      sent.current = v;
      onChange(v);
    }
  };
  return (
    <Field value={typed} onChange={change} isInvalid={error !== null} inputMode="decimal">
      <FieldLabel>{text}</FieldLabel>
      <Box />
      <Wrong>{error}</Wrong>
    </Field>
  );
}

/** Fields side by side as far as there is room. */
export const FieldGrid = styled.div<{ $min?: number }>`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(${({ $min = 112 }) => $min}px, 1fr));
  gap: var(--s3);
  align-items: start;
`;

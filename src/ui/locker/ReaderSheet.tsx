'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { Sheet } from '../kit/Sheet';
import { Grow } from '../kit/layout';

const Line = styled.form`
  display: flex;
  gap: 10px;
  align-items: flex-end;
  padding-top: 14px;
`;

const Codes = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 14px;
`;

/** Types a code as a reader would: into whatever has the focus, key by key, then Enter. At once, so that a busy machine cannot stretch it. */
function type(code: string): void {
  for (const key of [...code, 'Enter']) {
    const target = document.activeElement ?? document.body;
    const went = target.dispatchEvent(
      new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
    );
    // A key that is made does not type by itself.
    if (
      went &&
      key.length === 1 &&
      (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement)
    )
      document.execCommand('insertText', false, key);
  }
}

/** Reads a tag once the sheet is gone, as it is with a reader in the hand. */
function emit(code: string): void {
  const aim = (): void => {
    if (document.querySelectorAll('[role=dialog]').length > 0) requestAnimationFrame(aim);
    else type(code);
  };
  requestAnimationFrame(aim);
}

/** A stand-in for a tag reader, for those who have none at hand. Ships with the product. */
export function ReaderSheet({
  open,
  onClose,
  codes,
}: {
  open: boolean;
  onClose: () => void;
  codes: readonly string[];
}) {
  const [code, setCode] = useState('');
  const read = (text: string): void => {
    onClose();
    emit(text.trim());
  };
  return (
    <Sheet title="Tag reader stand-in" open={open} onClose={onClose}>
      <p>
        A real reader works by itself on every page of the locker and in the planner: it types the
        code and presses Enter. This types one for you.
      </p>
      <Line
        onSubmit={(e) => {
          e.preventDefault();
          if (code.trim()) read(code);
        }}
      >
        <Grow>
          <TextField label="Code on the tag" value={code} onChange={setCode} autoComplete="off" />
        </Grow>
        <Button type="submit" $kind="primary" isDisabled={code.trim() === ''}>
          Read it
        </Button>
      </Line>
      <Codes>
        {codes.slice(0, 12).map((c) => (
          <li key={c}>
            <Button onPress={() => read(c)}>{c}</Button>
          </li>
        ))}
      </Codes>
    </Sheet>
  );
}

'use client';
import { useState } from 'react';
import { Button } from '../kit/Button';
import { Cluster, Spaced } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { shortTime } from '../kit/time';
import type { OneTimeLink } from './roles';

/** A link that works once, shown once. */
export function LinkSheet({
  title,
  link,
  onClose,
  children,
}: {
  title: string;
  link: OneTimeLink;
  onClose: () => void;
  children: string;
}) {
  const [copied, setCopied] = useState(false);
  const address = new URL(link.path, window.location.origin).href;
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(address);
    setCopied(true);
  };
  return (
    <Sheet title={title} open onClose={onClose}>
      <p>{children}</p>
      <Spaced $top={14} $bottom={14}>
        <TextField
          label="The link; it is shown only now"
          value={address}
          onChange={() => {}}
          readOnly
        />
      </Spaced>
      <Cluster>
        <Button $kind="primary" onPress={() => void copy()}>
          Copy it
        </Button>
        <Small role="status">
          {copied ? 'Copied. ' : ''}Works once, until {shortTime(link.expiresAt)}.
        </Small>
      </Cluster>
    </Sheet>
  );
}

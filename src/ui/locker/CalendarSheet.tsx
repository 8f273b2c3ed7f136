'use client';
import { useState } from 'react';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { Cluster, Spaced } from '../kit/layout';

/** A calendar address of one's own with the inspections that are due. */
export function CalendarSheet({ onClose }: { onClose: () => void }) {
  const [address, setAddress] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const make = async (): Promise<void> => {
    const answer = await call('POST /calendar');
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setSaid(null);
    setAddress(new URL(answer.value.path, window.location.origin).href);
  };
  const end = async (): Promise<void> => {
    const answer = await call('DELETE /calendar');
    if (!answer.ok) return setError(messageOf(answer.problem));
    setAddress(null);
    setSaid('Ended. Calendars that have the address get nothing any more.');
  };
  return (
    <Sheet title="Inspections in your calendar" open onClose={onClose}>
      <p>
        Give your calendar program an address of your own; it shows what is due, a day at a time.
        Whoever has the address sees it, so keep it to yourself. Making a new one ends the one
        before.
      </p>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {said ? <p role="status">{said}</p> : null}
      {address ? (
        <Spaced $top={14} $bottom={14}>
          <TextField
            label="Your address; it is shown only now"
            value={address}
            onChange={() => {}}
            readOnly
          />
        </Spaced>
      ) : null}
      <Cluster $top={14}>
        <Button $kind="primary" onPress={() => void make()}>
          Make an address
        </Button>
        <Button onPress={() => void end()}>End mine</Button>
      </Cluster>
    </Sheet>
  );
}

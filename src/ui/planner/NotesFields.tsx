'use client';
import { TextAreaField } from '../kit/TextAreaField';
import { TextField } from '../kit/TextField';
import type { PlanHand } from './usePlanner';

/** What the plan is called, and what its people want to remember. */
export function NotesFields({
  title,
  notes,
  hand,
}: {
  title: string;
  notes: string;
  hand: PlanHand;
}) {
  return (
    <>
      <TextField
        label="Name of the plan"
        value={title}
        onChange={(next) => {
          if (next.trim() !== '') hand.edit((p) => ({ ...p, title: next.slice(0, 120) }), 'title');
        }}
      />
      <TextAreaField
        label="Notes"
        value={notes}
        onChange={(next) => hand.edit((p) => ({ ...p, notes: next.slice(0, 4000) }), 'notes')}
      />
    </>
  );
}

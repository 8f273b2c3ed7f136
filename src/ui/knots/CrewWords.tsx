'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { WordsOfKnot } from '@/server/knot-words';
import { call } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import { TextAreaField } from '../kit/TextAreaField';
import { TextField } from '../kit/TextField';

const Section = styled.section`
  margin-top: 16px;
  border-top: var(--w-rule) solid var(--ink);
  padding-top: 8px;
`;
const Note = styled.p`
  white-space: pre-wrap;
  overflow-wrap: anywhere;
`;

const namesIn = (text: string): string[] =>
  text
    .split(',')
    .map((n) => n.trim())
    .filter((n) => n !== '');

/** What it was when somebody else saved first, so that nobody's words are lost. */
function Meanwhile({ words }: { words: WordsOfKnot }) {
  return (
    <Small $block $alarm>
      {words.updatedBy ?? 'Somebody'} saved first: “{words.names.join(', ')}” “{words.note}”. Yours
      stands below; save again to put it in its place.
    </Small>
  );
}

function Writing({
  words,
  onSaved,
  onLeft,
}: {
  words: WordsOfKnot;
  onSaved: (words: WordsOfKnot) => void;
  onLeft: () => void;
}) {
  const [names, setNames] = useState(words.names.join(', '));
  const [note, setNote] = useState(words.note);
  const [from, setFrom] = useState(words);
  const [error, setError] = useState<string | null>(null);
  const save = async (): Promise<void> => {
    const answer = await call('PUT /knots/{entry}/words', {
      params: { entry: words.entry },
      version: from.version,
      body: { names: namesIn(names), note },
    });
    if (answer.ok) return onSaved(answer.value);
    setError(answer.problem.issues[0]?.message ?? 'It was not saved.');
    if (answer.problem.status !== 409) return;
    const now = await call('GET /knots/{entry}/words', { params: { entry: words.entry } });
    if (now.ok) setFrom(now.value);
  };
  return (
    <Stack $gap={8}>
      {from === words ? null : <Meanwhile words={from} />}
      <TextField
        label="Names in your crew, with commas between"
        value={names}
        onChange={setNames}
      />
      <TextAreaField label="Note" value={note} onChange={setNote} />
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Cluster>
        <Button $kind="primary" onPress={() => void save()}>
          Save
        </Button>
        <Button $kind="quiet" onPress={onLeft}>
          Leave it
        </Button>
      </Cluster>
    </Stack>
  );
}

/** What a crew calls a knot and notes of it; the names are found by the finder. */
export function CrewWords({ words: given }: { words: WordsOfKnot }) {
  const [words, setWords] = useState(given);
  const [writing, setWriting] = useState(false);
  return (
    <Section aria-label="In your crew">
      <h2>In your crew</h2>
      {writing ? (
        <Writing
          words={words}
          onSaved={(saved) => {
            setWords(saved);
            setWriting(false);
          }}
          onLeft={() => setWriting(false)}
        />
      ) : (
        <>
          {words.names.length > 0 ? (
            <p>
              Called <b>{words.names.join(', ')}</b>
            </p>
          ) : null}
          {words.note ? <Note>{words.note}</Note> : null}
          {words.updatedBy ? <Small $block>{words.updatedBy}</Small> : null}
          <Button $kind="quiet" onPress={() => setWriting(true)}>
            {words.version === 0 ? 'Add a name or a note' : 'Change'}
          </Button>
        </>
      )}
    </Section>
  );
}

'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { Naming } from '@/core/knot/trace/known';
import type { TraceForm } from '@/server/knots-tied';
import { capital } from '@/wording/text';
import { KnotPicture } from '../KnotPicture';
import { Small } from '../../kit/text';

const Card = styled.li`
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  padding: 10px 0;
  border-bottom: var(--w-hair) solid var(--line);
  & svg {
    width: 84px;
    height: 84px;
    background: var(--sheet);
    border: var(--w-hair) solid var(--line);
  }
`;
const Word = styled.p<{ $alarm?: boolean }>`
  font: 760 21px/1.15 var(--font-figure);
  ${({ $alarm }) => $alarm && 'color:var(--signal);'}
`;

/** Forms of one entry together, the entries in the order they are taught. */
function byEntry(names: readonly string[], forms: ReadonlyMap<string, TraceForm>): TraceForm[][] {
  const groups = new Map<string, TraceForm[]>();
  for (const name of names) {
    const form = forms.get(name);
    if (form) groups.set(form.entry, [...(groups.get(form.entry) ?? []), form]);
  }
  return [...groups.values()];
}

function Named({
  names,
  forms,
}: {
  names: readonly string[];
  forms: ReadonlyMap<string, TraceForm>;
}) {
  return (
    <ul>
      {byEntry(names, forms).map((group) => (
        <Card key={group[0]!.entry}>
          <KnotPicture id={group[0]!.entry} />
          <div>
            <b>
              <Link href={`/knots/${group[0]!.entry}?form=${group[0]!.form}`} prefetch={false}>
                {group[0]!.entryName}
              </Link>
            </b>
            <Small $block>{group.map((f) => f.formName).join(' · ')}</Small>
          </div>
        </Card>
      ))}
    </ul>
  );
}

function Mistakes({
  names,
  forms,
}: {
  names: readonly string[];
  forms: ReadonlyMap<string, TraceForm>;
}) {
  return (
    <ul>
      {names.map((n) => {
        const form = forms.get(n);
        return form ? (
          <Card key={n}>
            <KnotPicture id={form.entry} />
            <div>
              <b>{capital(form.formName)}</b>
              <Small $block>
                {form.says} Meant to be:{' '}
                <Link href={`/knots/${form.entry}`} prefetch={false}>
                  {form.entryName}
                </Link>
                .
              </Small>
            </div>
          </Card>
        ) : null;
      })}
    </ul>
  );
}

const HOLDS_HINT =
  'If a loop of it holds something, take Holds and tap that loop. If it is tied to a pole or a ring, draw that too.';

/** What a tracing is called, with its drawing, or why it has no name. */
export function TraceAnswer({
  naming,
  forms,
}: {
  naming: Naming;
  forms: ReadonlyMap<string, TraceForm>;
}) {
  const parts = { forms };
  if (naming.kind === 'known') {
    const entries = byEntry(naming.right, forms);
    return (
      <>
        <Word>{entries.map(([f]) => f!.entryName).join(', or ')}</Word>
        {entries.length > 1 ? (
          <Small $block>Tied the same; they differ in what they hold.</Small>
        ) : null}
        <Named names={naming.right} {...parts} />
      </>
    );
  }
  if (naming.kind === 'mistake')
    return (
      <>
        <Word $alarm>A mistake: {forms.get(naming.wrong[0]!)?.formName}</Word>
        <Mistakes names={naming.wrong} {...parts} />
      </>
    );
  if (naming.kind === 'not sure')
    return (
      <>
        <Word>Not sure from this side</Word>
        <Small $block>It may be one of these. Trace it from another side to tell.</Small>
        <Named names={naming.names} {...parts} />
      </>
    );
  if (naming.kind === 'falls apart')
    return (
      <>
        <Word $alarm>It falls apart</Word>
        <p>Nothing stays tied when the ends are pulled. {HOLDS_HINT}</p>
        <Mistakes names={naming.wrong} {...parts} />
      </>
    );
  if (naming.kind === 'too many crossings')
    return (
      <>
        <Word>Too many crossings</Word>
        <p>
          There are {naming.crossings}. Loosen it and lay it flat, so that strands cross no more
          than they must, or trace one part of it.
        </p>
      </>
    );
  return (
    <>
      <Word>Not a knot we know</Word>
      <p>Something stays tied, but no form here is tied so. {HOLDS_HINT}</p>
    </>
  );
}

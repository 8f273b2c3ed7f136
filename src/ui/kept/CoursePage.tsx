'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { Course } from '@/core/training/standing/course';
import { type BuildsOn, inOrder, outOfOrder } from '@/core/training/standing/order';
import type { SkillId } from '@/core/training/standing/skills';
import type { StoredDocument } from '../api';
import { type DrillKinds, DrillRoom } from '../drills/DrillRoom';
import { useMember } from '../frame/MemberContext';
import { useHistory } from '../history';
import { Button, IconButton } from '../kit/Button';
import type { Side } from '../kit/ConflictSheet';
import { Cluster, Fields, Stack } from '../kit/layout';
import { SaveWords } from '../kit/SaveWords';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { KeptConflict } from './KeptConflict';
import { useAutosave } from '../useAutosave';
import { useKeys } from '../useKeys';

const Rungs = styled.ol`
  list-style: none;
  padding: 0;
  & > li {
    display: grid;
    grid-template-columns: 32px minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
    min-height: 52px;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & > li > b {
    font-variant-numeric: tabular-nums;
    color: var(--ink-2);
  }
`;

/** A skill as it is named. */
export interface NamedSkill {
  readonly id: SkillId;
  readonly title: string;
  readonly buildsOn: readonly SkillId[];
}

const moved = (skills: Course['skills'], at: number, by: -1 | 1): Course['skills'] => {
  const out = [...skills];
  [out[at], out[at + by]] = [out[at + by]!, out[at]!];
  return out;
};

/** What builds on something that the course teaches later, with the one move that mends it. */
function OutOfOrder({
  skills,
  name,
  on,
  mend,
}: {
  skills: Course['skills'];
  name: (id: SkillId) => string;
  on: BuildsOn;
  mend: (() => void) | null;
}) {
  const found = outOfOrder(skills, on);
  if (found.length === 0) return null;
  return (
    <Stack $gap={6} role="status" aria-label="Order">
      {found.map(({ skill, on: needed }) => (
        <p key={skill}>
          <b>{name(skill)}</b> builds on {name(needed)}, which comes later.
        </p>
      ))}
      {mend ? (
        <Cluster>
          <Button onPress={mend}>Put in order</Button>
        </Cluster>
      ) : null}
    </Stack>
  );
}

/** One more skill, at the end. */
function Also({ rest, add }: { rest: readonly NamedSkill[]; add: (id: SkillId) => void }) {
  const [wanted, setWanted] = useState<SkillId>(rest[0]!.id);
  // What was wanted last may be taught by now.
  const id = rest.some((s) => s.id === wanted) ? wanted : rest[0]!.id;
  return (
    <Cluster $gap={10}>
      <Select
        label="Teach also"
        value={id}
        choices={rest.map((s) => ({ id: s.id, name: s.title }))}
        onChange={setWanted}
      />
      <Button onPress={() => add(id)}>Add at the end</Button>
    </Cluster>
  );
}

function Skills({
  document,
  named,
  edit,
}: {
  document: Course;
  named: readonly NamedSkill[];
  /** Null where it is only read. */
  edit: ((skills: Course['skills']) => void) | null;
}) {
  const { skills } = document;
  const name = (id: SkillId): string => named.find((s) => s.id === id)?.title ?? id;
  const on: BuildsOn = (id) => named.find((s) => s.id === id)?.buildsOn ?? [];
  const rest = named.filter((s) => !skills.includes(s.id));
  return (
    <>
      <OutOfOrder
        skills={skills}
        name={name}
        on={on}
        mend={edit && (() => edit(inOrder(skills, on)))}
      />
      <Rungs aria-label="In the order it is taught">
        {skills.map((id, i) => (
          <li key={id}>
            <b>{i + 1}</b>
            <span>{name(id)}</span>
            {edit ? (
              <Cluster $gap={4}>
                <IconButton
                  aria-label={`${name(id)} earlier`}
                  isDisabled={i === 0}
                  onPress={() => edit(moved(skills, i, -1))}
                >
                  ↑
                </IconButton>
                <IconButton
                  aria-label={`${name(id)} later`}
                  isDisabled={i === skills.length - 1}
                  onPress={() => edit(moved(skills, i, 1))}
                >
                  ↓
                </IconButton>
                <IconButton
                  aria-label={`Teach ${name(id)} no longer`}
                  isDisabled={skills.length === 1}
                  onPress={() => edit(skills.filter((s) => s !== id))}
                >
                  ×
                </IconButton>
              </Cluster>
            ) : null}
          </li>
        ))}
      </Rungs>
      {edit && rest.length > 0 ? <Also rest={rest} add={(id) => edit([...skills, id])} /> : null}
    </>
  );
}

/** A course of the crew's own: what it teaches and in which order, kept while it is changed. */
export function CoursePage({
  stored,
  named,
  kinds,
}: {
  stored: StoredDocument<Course>;
  named: readonly NamedSkill[];
  kinds: DrillKinds;
}) {
  const { viewer } = useMember();
  const { now: document, edit, undo, redo } = useHistory<Course>(stored.document);
  const { save, words, resolve, pending, version } = useAutosave(
    'PUT /courses/{id}',
    stored,
    document,
    viewer.canSign,
  );
  useKeys({ '$mod+z': undo, '$mod+Shift+z': redo, '$mod+y': redo });
  const side = (c: Course): Side => ({
    mark: null,
    facts: [
      ['Name', c.title],
      ['Skills', String(c.skills.length)],
      ['Order', c.skills.map((s) => named.find((n) => n.id === s)?.title ?? s).join(', ')],
      ['Notes', c.notes || 'none'],
    ],
  });
  return (
    <DrillRoom
      current="standing"
      kinds={kinds}
      title={document.title}
      says="A course of our own: what is taught, in its order."
    >
      <SaveWords words={words} pending={pending} version={version} canWrite={viewer.canSign} />
      <Fields disabled={!viewer.canSign}>
        <Stack $gap={12} $bottom={12}>
          <TextField
            label="Name of the course"
            value={document.title}
            onChange={(title) =>
              title.trim() !== '' && edit((c) => ({ ...c, title: title.slice(0, 120) }), 'title')
            }
          />
          <TextField
            label="Notes"
            value={document.notes}
            onChange={(notes) => edit((c) => ({ ...c, notes: notes.slice(0, 4000) }), 'notes')}
          />
        </Stack>
        <Skills
          document={document}
          named={named}
          edit={viewer.canSign ? (skills) => edit((c) => ({ ...c, skills })) : null}
        />
      </Fields>
      <Cluster>
        <Link href={`/drills/standing?course=${stored.id}`} prefetch={false}>
          Who can do what of it
        </Link>
        <Link href="/drills/courses" prefetch={false}>
          All courses
        </Link>
      </Cluster>
      <KeptConflict
        what="course"
        save={save}
        mine={document}
        side={side}
        take={(theirs) => edit(() => theirs)}
        resolve={resolve}
      />
    </DrillRoom>
  );
}

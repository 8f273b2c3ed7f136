'use client';
import { type ChangeEvent, useRef, useState } from 'react';
import {
  courseOf,
  DRIVE_PIECES,
  type DrivePiece,
  type DrivePieceId,
  type DrivePoint,
  piecesOf,
} from '@/core/securement/drive/course';
import type { DriveAsk } from '@/core/securement/drive/plan-drive';
import { MOST_PIECES } from '@/core/securement/drive/bounds';
import type { RowError } from '@/core/exchange/gear-csv/head';
import { type Direction, DIRECTIONS } from '@/core/securement/vocabulary';
import { TOWARD } from '@/wording/drive';
import { keepFile } from '../files';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { RowErrors } from '../kit/RowErrors';
import { Segments } from '../kit/Segments';
import { ErrorText, Label, Small } from '../kit/text';

/** What is wished for, as the page keeps it. */
export type Wish =
  | { readonly kind: 'slow'; readonly toward: Direction }
  | { readonly kind: 'pieces'; readonly pieces: readonly DrivePieceId[] }
  | { readonly kind: 'course'; readonly name: string; readonly course: readonly DrivePoint[] };

const RAD: Readonly<Record<Direction, number>> = {
  forward: 0,
  left: Math.PI / 2,
  rearward: Math.PI,
  right: -Math.PI / 2,
};

/** What is driven for a wish. */
export const askOf = (wish: Wish): DriveAsk =>
  wish.kind === 'slow'
    ? { kind: 'slow', towardRad: RAD[wish.toward] }
    : {
        kind: 'course',
        course: wish.kind === 'course' ? wish.course : courseOf(piecesOf(wish.pieces)),
      };

const KINDS = [
  { id: 'slow', name: 'pushed slowly' },
  { id: 'pieces', name: 'a drive' },
] as const;

/** A drive of the crew's own, from a table; the reader comes when a file is chosen. */
async function readFile(file: File) {
  const [{ default: Papa }, { readCourseTable }] = await Promise.all([
    import('papaparse'),
    import('@/core/securement/drive/course-table'),
  ]);
  const text = (await file.text()).replace(/^\uFEFF/, '');
  return readCourseTable(Papa.parse<string[]>(text, { delimiter: '' }).data);
}

async function keepCourse(course: readonly DrivePoint[]): Promise<void> {
  const [{ default: Papa }, { courseRows }] = await Promise.all([
    import('papaparse'),
    import('@/core/securement/drive/course-table'),
  ]);
  keepFile('drive.csv', `${Papa.unparse(courseRows(course))}\r\n`, 'text/csv');
}

function Pieces({
  pieces,
  onChange,
}: {
  pieces: readonly DrivePieceId[];
  onChange: (pieces: readonly DrivePieceId[]) => void;
}) {
  return (
    <Stack $gap={8}>
      <ol aria-label="The drive, piece by piece">
        {piecesOf(pieces).map((p, i) => (
          <li key={`${i} ${p.id}`}>
            <Cluster $gap={6}>
              <span>
                {i + 1}. {p.name}
              </span>
              <Small>{wordPiece(p)}</Small>
              <Button
                $kind="quiet"
                aria-label={`Take ${p.name} out`}
                isDisabled={pieces.length === 1}
                onPress={() => onChange(pieces.filter((_, k) => k !== i))}
              >
                take out
              </Button>
            </Cluster>
          </li>
        ))}
      </ol>
      <Cluster $gap={6} role="group" aria-label="Add a piece">
        {DRIVE_PIECES.map((p) => (
          <Button
            key={p.id}
            isDisabled={pieces.length >= MOST_PIECES}
            onPress={() => onChange([...pieces, p.id])}
          >
            + {p.name}
          </Button>
        ))}
      </Cluster>
    </Stack>
  );
}

/** How hard and how long a piece is. */
function wordPiece({ forwardG, leftG, upG, lastS }: DrivePiece): string {
  const most = Math.max(Math.abs(forwardG), Math.abs(leftG), Math.abs(upG));
  return `${most}\u00a0g, ${lastS}\u00a0s`;
}

/** What is wrong with a file, row by row. */
interface Wrong {
  readonly text: string;
  readonly errors: readonly (RowError & { readonly message: string })[];
}

/** What is to be driven: a slow push toward a side, pieces one after another, or a drive of the crew's own from a file. */
export function DriveWish({ wish, onWish }: { wish: Wish; onWish: (wish: Wish) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [wrong, setWrong] = useState<Wrong | null>(null);
  const chosen = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (!file) return;
    const read = await readFile(file);
    const { wordIssue } = await import('@/wording/issues');
    if (!read.ok) return setWrong({ text: wordIssue(read.issues[0]!), errors: [] });
    if (read.value.errors.length > 0)
      return setWrong({
        text: `${file.name} is not driven:`,
        errors: read.value.errors.map((e) => ({ ...e, message: wordIssue(e) })),
      });
    setWrong(null);
    onWish({ kind: 'course', name: file.name, course: read.value.course });
  };
  return (
    <Stack $gap={10}>
      <Segments
        label="The load is"
        value={wish.kind === 'slow' ? 'slow' : 'pieces'}
        choices={KINDS}
        onChange={(kind) =>
          onWish(kind === 'slow' ? { kind, toward: 'forward' } : { kind, pieces: ['brake'] })
        }
      />
      {wish.kind === 'slow' ? (
        <Segments
          label="toward"
          value={wish.toward}
          choices={DIRECTIONS.map((id) => ({ id, name: TOWARD[id] }))}
          onChange={(toward) => onWish({ kind: 'slow', toward })}
        />
      ) : wish.kind === 'pieces' ? (
        <Pieces pieces={wish.pieces} onChange={(pieces) => onWish({ kind: 'pieces', pieces })} />
      ) : (
        <p>
          <Label>from the file</Label> <b>{wish.name}</b>, {wish.course.length} points
        </p>
      )}
      {wish.kind === 'slow' ? null : (
        <Cluster $gap={8}>
          <Button $kind="quiet" onPress={() => input.current?.click()}>
            Read a drive from a file
          </Button>
          <Button
            $kind="quiet"
            onPress={() => {
              const ask = askOf(wish);
              if (ask.kind === 'course') void keepCourse(ask.course);
            }}
          >
            Save it as a table
          </Button>
        </Cluster>
      )}
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        onChange={(e) => void chosen(e)}
        hidden
        aria-label="Drive as a table"
      />
      {wrong ? (
        <div role="alert">
          <ErrorText>{wrong.text}</ErrorText>
          {wrong.errors.length > 0 ? <RowErrors errors={wrong.errors} /> : null}
        </div>
      ) : null}
    </Stack>
  );
}

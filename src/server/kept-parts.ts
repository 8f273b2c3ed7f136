import type { KeptDeck } from '@/core/securement/kept/schema';
import type { DeckAnchor } from '@/core/securement/schema';
import { tell } from '@/db/news';
import type { Database } from '@/db/pool';
import {
  insertPart,
  type KeptOf,
  type PartKind,
  partById,
  type Readings,
  setPartDeleted,
  type StoredPart,
  updatePart,
} from '@/db/queries/kept-parts';
import type { Member } from '@/db/queries/members';
import { dayOf } from './days';
import { rejudgePlansTaking } from './judging';
import { liveTopic } from './live';

const saysTheSame = (a: DeckAnchor['rating'], b: DeckAnchor['rating'] | undefined): boolean =>
  JSON.stringify(a) === JSON.stringify(b);

/** Who read each anchor and when: whoever first said what it takes now; nobody where nothing is said. */
function readingsOf(
  document: KeptDeck,
  before: StoredPart<'deck'> | null,
  member: Member,
  now: Date,
): Readings {
  const known = new Map(before?.document.deck.anchors.map((a) => [a.id, a.rating]));
  return Object.fromEntries(
    document.deck.anchors.flatMap(({ id, rating }) => {
      if (rating.state !== 'rated') return [];
      const reading = saysTheSame(rating, known.get(id)) ? before?.readings[id] : undefined;
      return [[id, reading ?? { on: dayOf(now), by: member.name }]];
    }),
  );
}

const readingsFor = (
  kind: PartKind,
  document: KeptOf[PartKind],
  before: StoredPart<PartKind> | null,
  member: Member,
  now: Date,
): Readings =>
  kind === 'deck'
    ? readingsOf(document as KeptDeck, before as StoredPart<'deck'> | null, member, now)
    : {};

/** Keeps a new deck, load or course. Call inside a transaction. */
export const keepPart = <K extends PartKind>(
  db: Database,
  kind: K,
  member: Member,
  document: KeptOf[K],
  now: Date,
): Promise<StoredPart<K>> =>
  insertPart(
    db,
    kind,
    {
      crewId: member.crewId,
      memberId: member.id,
      readings: readingsFor(kind, document, null, member, now),
    },
    document,
  );

/**
 * Keeps a changed deck, load or course; plans that took it are judged anew. Call inside a transaction.
 * @throws ConflictError, NotFoundError, UnreadableError
 */
export async function changePart<K extends PartKind>(
  db: Database,
  kind: K,
  member: Member,
  id: string,
  version: number,
  document: KeptOf[K],
  now: Date,
): Promise<StoredPart<K>> {
  const { crewId, id: memberId } = member;
  const before = await partById(db, kind, crewId, id, true);
  const readings = readingsFor(kind, document, before, member, now);
  const saved = await updatePart(db, kind, { crewId, memberId, readings }, id, version, document);
  await rejudgePlansTaking(db, crewId, id);
  if (kind === 'deck') await tell(db, liveTopic('deck', id));
  return saved;
}

/**
 * Takes a deck, a load or a course away, or brings it back; plans that took it are judged anew. Call inside a transaction.
 * @throws NotFoundError
 */
export async function removePart(
  db: Database,
  kind: PartKind,
  member: Member,
  id: string,
  removed: boolean,
): Promise<void> {
  await setPartDeleted(db, kind, member.crewId, id, removed);
  await rejudgePlansTaking(db, member.crewId, id);
}

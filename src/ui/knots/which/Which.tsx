'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { CONDITIONS, type Condition, type Job, JOBS } from '@/core/knot/which/situation';
import { ROPE_MATERIALS, type RopeMaterialId } from '@/core/rope/materials';
import { formatQuantity } from '@/core/units';
import type { ChosenKnot, WhichKnot } from '@/server/knots-which';
import { capital } from '@/wording/text';
import { useMember } from '../../frame/MemberContext';
import { ButtonLink } from '../../kit/Button';
import { QuantityField } from '../../kit/fields';
import { Select } from '../../kit/Select';
import { Hidden, Small } from '../../kit/text';
import { KnotPicture } from '../KnotPicture';
import { RoomHead } from '../RoomHead';
import { Asked, Body, Chips, JobList, Knot, Knots, Marks, Why } from './Which.styles';

const keys = <K extends string>(record: Record<K, unknown>): K[] => Object.keys(record) as K[];

/** The address that asks for something else in one point. */
function place(
  { job, conditions, material, mbsN }: WhichKnot,
  other: {
    readonly job?: Job;
    readonly turned?: Condition;
    readonly material?: RopeMaterialId;
    readonly mbsN?: number | null;
  },
): string {
  const wanted =
    other.turned === undefined
      ? conditions
      : conditions.includes(other.turned)
        ? conditions.filter((c) => c !== other.turned)
        : [...conditions, other.turned];
  const mbs = other.mbsN === undefined ? mbsN : other.mbsN;
  const query = new URLSearchParams({
    job: other.job ?? job,
    ...(wanted.length > 0 ? { c: wanted.join(',') } : {}),
    of: other.material ?? material,
    ...(mbs === null ? {} : { mbs: String(Math.round(mbs)) }),
  });
  return `/knots/which?${query.toString()}`;
}

/** What follows from the fibre is not asked again when another fibre is chosen. */
const withoutFibre = (asked: WhichKnot): WhichKnot => ({
  ...asked,
  conditions: asked.conditions.filter((c) => c !== 'slick-rope' && c !== 'stiff'),
});

const fibre = ({ material }: WhichKnot, c: Condition): boolean =>
  (c === 'stiff' && ROPE_MATERIALS[material].stiff) ||
  (c === 'slick-rope' && ROPE_MATERIALS[material].slick);

function Strength({ knot }: { knot: ChosenKnot }) {
  const { units } = useMember();
  return (
    <dd>
      {knot.leftN === null ? '' : `${formatQuantity(knot.leftN, 'force', units, 'capacity')}, `}
      {Math.round(knot.efficiency * 100)} %{knot.published ? '' : ', no published value'}
    </dd>
  );
}

const SIGNS = { suits: '✓', care: '!', out: '×' } as const;
const SIGN_WORDS = { suits: 'suits', care: 'with care', out: 'no' } as const;

function OneKnot({ knot, first }: { knot: ChosenKnot; first: boolean }) {
  return (
    <Knot $first={first}>
      <KnotPicture id={knot.entry} />
      <div>
        <h3>
          <Link href={`/knots/${knot.entry}?form=${knot.form}`} prefetch={false}>
            {knot.name}
          </Link>
          {knot.formName ? <Small> {knot.formName}</Small> : null}
        </h3>
        <p>{knot.purpose}</p>
        <Why>
          {knot.reasons.map((r) => (
            <li key={r.words} data-says={r.says}>
              <b aria-hidden>{SIGNS[r.says]}</b>
              <span>
                <Hidden>{SIGN_WORDS[r.says]}: </Hidden>
                {r.words}
              </span>
            </li>
          ))}
        </Why>
        <Marks>
          <dt>strength left</dt>
          <Strength knot={knot} />
          <dt>not for</dt>
          <dd>{knot.notFor}</dd>
        </Marks>
      </div>
    </Knot>
  );
}

/** A knot chosen by what is fastened to what and what else must be so. Every choice is a link, so that it works without script. */
export function Which({ asked }: { asked: WhichKnot }) {
  const router = useRouter();
  const { units } = useMember();
  return (
    <>
      <RoomHead title="Which knot?" />
      <Body>
        <Asked>
          <h2>What do you fasten?</h2>
          <JobList aria-label="What is fastened to what">
            {keys(JOBS).map((id) => (
              <li key={id}>
                <Link
                  href={place(asked, { job: id })}
                  prefetch={false}
                  {...(id === asked.job ? { 'aria-current': 'true' } : {})}
                >
                  {capital(JOBS[id])}
                </Link>
              </li>
            ))}
          </JobList>
        </Asked>
        <section aria-label="Knots for it">
          <Chips aria-label="What else must be so" role="group">
            {keys(CONDITIONS).map((id) =>
              fibre(asked, id) ? (
                <ButtonLink key={id} as="span" $kind="primary" aria-current="true">
                  {CONDITIONS[id]}
                </ButtonLink>
              ) : (
                <ButtonLink
                  key={id}
                  as={Link}
                  prefetch={false}
                  href={place(asked, { turned: id })}
                  $kind={asked.conditions.includes(id) ? 'primary' : 'plain'}
                  {...(asked.conditions.includes(id) ? { 'aria-current': 'true' } : {})}
                >
                  {CONDITIONS[id]}
                </ButtonLink>
              ),
            )}
          </Chips>
          <Chips as="div">
            <Select
              label="Rope"
              value={asked.material}
              choices={keys(ROPE_MATERIALS).map((id) => ({ id, name: ROPE_MATERIALS[id].name }))}
              onChange={(material) => router.push(place(withoutFibre(asked), { material }))}
            />
            <QuantityField
              label="Its breaking strength"
              dimension="force"
              unit={units.force}
              value={asked.mbsN}
              onChange={(mbsN) => router.replace(place(asked, { mbsN }))}
              optional
            />
          </Chips>
          <Knots aria-label="Knots that suit, best first">
            {asked.suits.map((k, i) => (
              <OneKnot key={k.entry} knot={k} first={i === 0} />
            ))}
          </Knots>
          {asked.suits.length === 0 ? (
            <p>
              No knot here does all of this. Take one condition away, or use a fitting made for it.
            </p>
          ) : null}
          {asked.out.length > 0 ? (
            <>
              <h2>Not for this</h2>
              <Knots aria-label="Knots that are not for this">
                {asked.out.map((k) => (
                  <OneKnot key={k.entry} knot={k} first={false} />
                ))}
              </Knots>
            </>
          ) : null}
        </section>
      </Body>
    </>
  );
}

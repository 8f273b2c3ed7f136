'use client';
import type { ReactNode } from 'react';
import type { Place } from '@/core/training/inspecting/inspecting';
import type { Scene } from '@/core/securement/stage/scene';
import { placeWords } from '@/wording/inspecting';
import { StillDeck } from '../deck/StillDeck';
import { RopeLaidOut } from '../drills/RopeLaidOut';
import { Options, type Spread, type WallProps } from './wallAnswers';
import { Ask, Beside, On, Rows, Says, Small, Still } from './wallParts';

/** A deck, what is told of it, and what could be said; once shown, the same with what is known. */
function OnDeck({
  asked,
  right,
  spread,
  says,
  children,
}: {
  asked: Pick<WallProps<'read'>['asked'], 'scene' | 'load' | 'lines'> &
    Pick<Parameters<typeof Options>[0], 'options'>;
  right: { readonly answer: string; readonly scene: unknown } | null;
  spread: Spread;
  says: readonly string[];
  children?: ReactNode;
}) {
  return (
    <Beside>
      <Still>
        <StillDeck
          scene={right ? (right.scene as Scene) : asked.scene}
          label={right ? 'The deck, with what is known of it' : 'The deck'}
        />
      </Still>
      <div>
        {children}
        <Small>{asked.load}</Small>
        {asked.lines.map((words, i) => (
          <Small key={i}>
            <b>{i + 1}</b> {words}
          </Small>
        ))}
        <Options options={asked.options} right={right?.answer ?? null} spread={spread} />
        {says.map((s) => (
          <Says key={s}>{s}</Says>
        ))}
      </div>
    </Beside>
  );
}

/** A deck, and what could be said of it. */
export function ReadOnWall({ asked, right, spread }: WallProps<'read'>) {
  return <OnDeck asked={asked} right={right} spread={spread} says={right?.says ?? []} />;
}

/** A deck that is pushed one way, and what could govern. */
export function GovernOnWall({ asked, right, spread }: WallProps<'govern'>) {
  return (
    <OnDeck asked={asked} right={right} spread={spread} says={right?.says.slice(0, 2) ?? []}>
      <Ask>{asked.pushed}</Ask>
    </OnDeck>
  );
}

/** Where people pointed, on the rope; and below it what they would do with it. */
export function InspectOnWall({ asked, right, spread }: WallProps<'inspect'>) {
  const said = spread.map(({ instead, count }) => {
    const [place = '', decision = ''] = instead?.split(' ') ?? [];
    return instead === null
      ? { place: right?.places[0] ?? null, decision: right?.decision ?? null, count }
      : { place: /^\d+$/.test(place) ? Number(place) : place, decision, count };
  });
  const sum = (of: (s: (typeof said)[number]) => boolean): number =>
    said.filter(of).reduce((n, s) => n + s.count, 0);
  const pointed = [...new Set([...(right?.places ?? []), ...said.map((s) => s.place)])] as Place[];
  return (
    <Beside>
      <RopeLaidOut
        asked={asked}
        told={
          right
            ? pointed.map((place) => ({
                place,
                right: right.places.includes(place),
                is: <On>{sum((s) => s.place === place)}</On>,
              }))
            : []
        }
      />
      <div>
        <Small>{asked.rope}</Small>
        <Says>{asked.felt}</Says>
        {right ? (
          <>
            <Rows aria-label="Answers">
              {asked.decisions.map((d) => (
                <li key={d.id} {...(d.id === right.decision ? { 'data-right': '' } : {})}>
                  <span>{d.name}</span>
                  <b>{sum((s) => s.decision === d.id)}</b>
                </li>
              ))}
            </Rows>
            <Small>
              Pointed {placeWords('whole')}: {sum((s) => s.place === 'whole')}; {placeWords('none')}
              : {sum((s) => s.place === 'none')}.
            </Small>
            <Says>{right.says[0]}</Says>
          </>
        ) : (
          <Ask>Is there anything on it, where, and what becomes of the rope?</Ask>
        )}
      </div>
    </Beside>
  );
}

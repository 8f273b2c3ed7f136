'use client';
import { wordValue } from '@/wording/figures';
import type { Asked, AskedAs } from '@/server/drills/question';
import type { TalkWall } from '@/server/talk/leading';
import { KnotPicture } from '../drills/KnotPicture';
import { NamedPicture } from '../drills/NameQuestion';
import { letterOf, StepPicture } from '../drills/OrderQuestion';
import type { MarkedAs } from '../drills/question';
import { useUnits } from '../frame/MemberContext';
import { countOf, Options, type Spread, type WallProps } from './wallAnswers';
import { GovernOnWall, InspectOnWall, ReadOnWall } from './WallLooks';
import { Ask, At, Beside, Body, Rows, Says, Steps, TALL, Verdict } from './wallParts';

function Name({ asked, right, spread }: WallProps<'name'>) {
  return (
    <Beside>
      <NamedPicture asked={asked} isShown={right !== null} height={TALL} />
      <div>
        <Options options={asked.options} right={right?.entry ?? null} spread={spread} />
        {right?.checks.slice(0, 3).map((c) => (
          <Says key={c}>{c}</Says>
        ))}
      </div>
    </Beside>
  );
}

function lookWords({ answer, mistake }: MarkedAs<'look'>): string {
  if (answer === 'right') return 'It is tied right.';
  if (mistake) return `Wrong: ${mistake.name}.`;
  return 'Wrong at the ring: turn that crossing over.';
}

function Look({ asked, right, spread }: WallProps<'look'>) {
  const said = (says: string): number =>
    countOf(spread, right && String(right.answer) === says ? null : says);
  const isRight = (says: string): boolean => right !== null && String(right.answer) === says;
  return (
    <Beside>
      <KnotPicture
        drawn={asked.drawn}
        view={asked.view}
        label="The knot to be looked at"
        height={TALL}
        over={(place) =>
          right
            ? asked.crossings.map((c, i) =>
                said(String(i)) > 0 || isRight(String(i)) ? (
                  <At key={i} $right={isRight(String(i))} style={place(c.x, c.y)}>
                    {said(String(i))}
                  </At>
                ) : null,
              )
            : null
        }
      />
      <div>
        {right ? (
          <>
            <Verdict>{lookWords(right)}</Verdict>
            <Rows aria-label="Answers">
              <li {...(isRight('right') ? { 'data-right': '' } : {})}>
                <span>Tied right</span>
                <b>{said('right')}</b>
              </li>
              <li {...(isRight('otherwise') ? { 'data-right': '' } : {})}>
                <span>Wrong, no one crossing</span>
                <b>{said('otherwise')}</b>
              </li>
            </Rows>
            <Says>{right.mistake?.says ?? right.checks[0]}</Says>
          </>
        ) : (
          <>
            <Verdict>{asked.name}</Verdict>
            <Says>{asked.way}.</Says>
            <Ask>Is it tied right? If not: at which crossing does it go wrong?</Ask>
          </>
        )}
      </div>
    </Beside>
  );
}

/** One row of a few, two rows of more. */
const columnsFor = (steps: number): number => (steps <= 3 ? steps : Math.ceil(steps / 2));

function Order({ asked, right, spread }: WallProps<'order'>) {
  const order = right ? right.order : asked.steps.map((_, i) => i);
  return (
    <>
      <p>
        <b>{asked.name}</b>
        {right ? null : ': in which order is it tied?'}
      </p>
      <Steps $columns={columnsFor(order.length)}>
        {order.map((index, step) => (
          <li key={index}>
            <StepPicture asked={asked} index={index} />
            <p>
              <b>{right ? step + 1 : letterOf(index)}</b> {right?.steps[step]!.say}
            </p>
          </li>
        ))}
      </Steps>
      {right ? (
        <Says>
          {countOf(spread, null)} right.{' '}
          {spread
            .filter((s) => s.instead !== null)
            .map((s) => `${s.count} went wrong at step ${s.instead}.`)
            .join(' ')}
        </Says>
      ) : null}
    </>
  );
}

function Choose({ asked, right, spread }: WallProps<'choose'>) {
  const why = right?.options.find((o) => o.suits);
  return (
    <Beside>
      <div>
        <Ask>
          A knot for {asked.job}; and: {asked.conditions.join('; ')}.
        </Ask>
        {why?.says.slice(0, 3).map((s) => (
          <Says key={s}>{s}</Says>
        ))}
      </div>
      <Options options={asked.options} right={right?.right ?? null} spread={spread} />
    </Beside>
  );
}

function Reckon({ asked, right, spread }: WallProps<'reckon'>) {
  const units = useUnits();
  if (!right) return <Ask>{asked.text}</Ask>;
  return (
    <Beside>
      <div>
        <Says>{asked.text}</Says>
        <Verdict>
          It is {wordValue(right.working.value, right.working.unit, units, 'nearest')}.
        </Verdict>
        {right.steps.map((s, i) => (
          <Says key={i}>
            {s.label}: {wordValue(s.value, s.unit, units, 'nearest')}
          </Says>
        ))}
      </div>
      <Rows aria-label="Answers">
        {spread.slice(0, 5).map((s) => (
          <li key={s.instead} {...(s.instead === null ? { 'data-right': '' } : {})}>
            <Says as="span">{s.instead === null ? 'Right' : (s.says ?? s.instead)}</Says>
            <b>{s.count}</b>
          </li>
        ))}
      </Rows>
    </Beside>
  );
}

/** A question as it stands on the big screen; once its answer is shown, with what was answered on it. */
export function WallQuestion({
  asked,
  right,
  spread,
}: {
  asked: Asked;
  right: TalkWall['right'];
  spread: Spread | null;
}) {
  const as = <A extends Asked['ask']>(a: AskedAs<A>): WallProps<A> => ({
    asked: a,
    right: right as MarkedAs<A> | null,
    spread: spread ?? [],
  });
  return (
    <Body>
      {asked.ask === 'name' ? (
        <Name {...as<'name'>(asked)} />
      ) : asked.ask === 'look' ? (
        <Look {...as<'look'>(asked)} />
      ) : asked.ask === 'order' ? (
        <Order {...as<'order'>(asked)} />
      ) : asked.ask === 'choose' ? (
        <Choose {...as<'choose'>(asked)} />
      ) : asked.ask === 'read' ? (
        <ReadOnWall {...as<'read'>(asked)} />
      ) : asked.ask === 'govern' ? (
        <GovernOnWall {...as<'govern'>(asked)} />
      ) : asked.ask === 'inspect' ? (
        <InspectOnWall {...as<'inspect'>(asked)} />
      ) : (
        <Reckon {...as<'reckon'>(asked)} />
      )}
    </Body>
  );
}

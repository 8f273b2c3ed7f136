'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import type { Plan } from '@/core/securement/plan';
import type { Scene, ServedScene } from '@/core/securement/stage/scene';
import type { StageSide } from '@/core/securement/stage/view';
import type { StoredEnergy } from '@/core/securement/stored-energy';
import type { Verdict } from '@/core/securement/verdict';
import { formatNumber, formatQuantity } from '@/core/units';
import { numberedLines, wordEvent, wordRefusal, wordRun } from '@/wording/drive';
import { useDrive } from '@/workers/useDrive';
import { useUnits } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Segments } from '../kit/Segments';
import { Slide } from '../kit/Slide';
import { Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { orMissing } from '../orMissing';
import {
  Aside,
  Happened,
  Head,
  Looks,
  Now,
  Page,
  Part,
  Player,
  Says,
  Seen,
} from './DrivePage.styles';
import { DriveStage } from './DriveStage';
import { askOf, DriveWish, type Wish } from './DriveWish';
import { Energies } from './Energies';
import { HowSure } from './HowSure';
import { Limits } from './Limits';
import { usePlayed } from './usePlayed';

const DriveCurves = dynamic(() => orMissing(import('./DriveCurves').then((m) => m.DriveCurves)), {
  ssr: false,
});

const SIDES = [
  { id: 'rear', name: 'from behind' },
  { id: 'side', name: 'from the left' },
] as const;
const TIMES = ['1', '5', '20'] as const;
const LARGER = TIMES.map((id) => ({ id, name: id === '1' ? 'as it is' : `${id} times` }));

/** How many times larger movement is drawn: as much as stays in sight. */
function timesFor(run: DriveRun): (typeof TIMES)[number] {
  const most = run.mostMovedM;
  return most > 0.06 ? '1' : most > 0.015 ? '5' : '20';
}

const sideFor = (wish: Wish): StageSide =>
  wish.kind === 'slow' && (wish.toward === 'left' || wish.toward === 'right') ? 'rear' : 'side';

function NowWords({ frame, slow }: { frame: DriveFrame; slow: boolean }) {
  const units = useUnits();
  const push = Math.hypot(frame.push.forwardG, frame.push.leftG);
  return (
    <Now data-now>
      {slow ? null : <>{frame.atS.toFixed(1)}&nbsp;s, </>}
      {formatNumber(push, 'nearest', 2)}&nbsp;g
      <br />
      moved {formatQuantity(frame.movedM, 'length', units, 'demand', frame.movedM < 0.2)}
    </Now>
  );
}

/** A test drive of a plan: what is driven, how the load moves, what every line bears, what happens, and what that says of the map. */
export function DrivePage({
  planId,
  plan,
  word,
  served,
  energies,
}: {
  planId: string;
  plan: Plan;
  /** What the plan comes to, which a drive does not change. */
  word: { readonly verdict: Verdict; readonly words: string };
  served: ServedScene;
  energies: readonly StoredEnergy[];
}) {
  const units = useUnits();
  const scene = useMemo((): Scene => ({ ...served, plan }), [served, plan]);
  const names = useMemo(() => numberedLines(plan), [plan]);
  const [wish, setWish] = useState<Wish>({ kind: 'slow', toward: 'forward' });
  const [side, setSide] = useState<StageSide>('side');
  const [times, setTimes] = useState<(typeof TIMES)[number] | null>(null);
  const [zones, setZones] = useState(false);
  const ask = useMemo(() => askOf(wish), [wish]);
  const { drive, driving } = useDrive(plan, ask);
  const run = drive?.refused === null && !driving ? drive.run : null;
  const played = usePlayed(run);
  const slow = wish.kind === 'slow';
  useEffect(() => setTimes(null), [run]);
  const drawn = times ?? (run ? timesFor(run) : '1');
  const wanted = (next: Wish): void => {
    setWish(next);
    setSide(sideFor(next));
  };
  return (
    <Page data-driven={driving ? 'coming' : (drive?.refused ?? 'there')}>
      <Head>
        <h1>{plan.title}</h1>
        <VerdictMark verdict={word.verdict} />
        <span>{word.words}</span>
        <Link href={`/loads/${planId}`}>Back to the plan</Link>
        <Label>
          Test drive of what is saved. Whatever nobody knows is taken at its worst; what the rules
          and the locker say stands above, whatever the drive shows.
        </Label>
      </Head>
      <Seen>
        <Says $alarm={run?.gaveWayAtG !== null && !slow && run !== null} role="status">
          {driving || !drive
            ? 'Driving…'
            : drive.refused !== null
              ? wordRefusal(drive.refused, drive.lines)
              : wordRun(drive.run, slow, names, units)}
        </Says>
        <DriveStage
          scene={scene}
          run={run}
          frame={played.frame}
          times={Number(drawn)}
          side={side}
          energies={zones ? energies : null}
        />
        {run && played.frame ? (
          <>
            <Player>
              <Button
                onPress={played.toggle}
                aria-label={played.playing ? 'Stop' : 'Play the drive'}
              >
                {played.playing ? '❙❙' : '▶'}
              </Button>
              <Slide
                label="Moment of the drive"
                value={played.part}
                step={0.002}
                onChange={played.seek}
                text={`${played.frame.atS.toFixed(1)} s`}
              />
              <NowWords frame={played.frame} slow={slow} />
            </Player>
            <Looks>
              <Segments label="Seen" value={side} choices={SIDES} onChange={setSide} />
              <Segments label="Movement" value={drawn} choices={LARGER} onChange={setTimes} />
            </Looks>
            <DriveCurves run={run} lines={plan.lines} slow={slow} at={played.frame} />
            <Small $block>
              The broad pale line is how far the load has moved; each thin line is one line’s share
              of its working load limit, with the line’s number where you look.
            </Small>
          </>
        ) : null}
      </Seen>
      <Aside>
        <DriveWish wish={wish} onWish={wanted} />
        {run && run.events.length > 0 ? (
          <Part aria-label="What happens">
            <h2>What happens</h2>
            <Happened>
              {run.events.map((e, i) => (
                <li key={i}>
                  <button type="button" onClick={() => played.goTo(e.atS)}>
                    <b>
                      {slow
                        ? `${formatNumber(e.pushG, 'nearest', 2)}\u00a0g`
                        : `${e.atS.toFixed(1)}\u00a0s`}
                    </b>
                    <span>{wordEvent(e, names, units)}</span>
                  </button>
                </li>
              ))}
            </Happened>
          </Part>
        ) : null}
        <Limits plan={plan} names={names} />
        <HowSure plan={plan} />
        <Energies energies={energies} shown={zones} onShow={setZones} />
      </Aside>
    </Page>
  );
}

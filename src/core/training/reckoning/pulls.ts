import { turnShare } from '../../line/elements/fitting';
import { entered, settle, times } from '../../line/tension-parts';
import { keptAfterTieOff } from '../../tackle/tie-off';
import { HAND_WIDTH_M, KNOT_SETTING_M, loopDistance } from '../../tackle/take-up';
import {
  countedRatio,
  haulingRatio,
  haulingRatioOf,
  type TruckersPull,
} from '../../tackle/truckers';
import { tailFormula } from '../../tackle/wraps';
import { traced } from '../../working/working';
import { oneOf, roundNumber } from '../../chance';
import type { ReckoningKind, Slip } from './reckoning';

/** A trucker's hitch hauled by hand: what the load line gets. */
export interface Hauling {
  readonly handN: number;
  readonly form: TruckersPull['form'];
  readonly loopEfficiency: number;
  readonly anchorEfficiency: number;
  /** The hand pulls square to the line, not toward the anchor. */
  readonly square: boolean;
}

const pullOf = ({ form, loopEfficiency, anchorEfficiency, square }: Hauling): TruckersPull => ({
  form,
  inLoop: 'rope-loop',
  roundAnchor: 'ring',
  loopEfficiency,
  anchorEfficiency,
  handAngleRad: square ? Math.PI / 2 : 0,
  passes: 1,
});

export const hauling: ReckoningKind<Hauling> = {
  make: (chance) => {
    const form = oneOf<TruckersPull['form']>(chance, [
      'single',
      'single',
      'reeved-twice',
      'second-loop',
    ]);
    return {
      handN: roundNumber(chance, 100, 500, 50),
      form,
      loopEfficiency: roundNumber(chance, 40, 55, 5) / 100,
      anchorEfficiency: roundNumber(chance, 55, 65, 5) / 100,
      square: form === 'single' && chance() < 0.4,
    };
  },
  reckon: (facts) => {
    const pull = pullOf(facts);
    const slips: Slip[] = [{ code: 'frictionless', value: facts.handN * countedRatio(pull) }];
    if (facts.square)
      slips.push({
        code: 'angle-ignored',
        value: facts.handN * haulingRatioOf({ ...pull, handAngleRad: 0 }),
      });
    // Of a double people say “four to one”.
    if (facts.form !== 'single') slips.push({ code: 'frictionless', value: 4 * facts.handN });
    return {
      sheet: traced.apply(times, 'tension of the load line', {
        H: entered(traced, 'pull of the hand', 'H', facts.handN, 'N'),
        R: haulingRatio(traced, pull),
      }),
      slips,
    };
  },
};

/** A ring that turns a tight line: what the ring bears. */
export interface TurnedLine {
  readonly tensionN: number;
  readonly turnRad: number;
}

export const turnedLine: ReckoningKind<TurnedLine> = {
  make: (chance) => ({
    tensionN: roundNumber(chance, 200, 4000, 100),
    turnRad: (oneOf(chance, [90, 120, 150, 180]) * Math.PI) / 180,
  }),
  reckon: ({ tensionN, turnRad }) => ({
    sheet: traced.apply(times, 'pull on the ring', {
      H: entered(traced, 'tension of the line', 'T', tensionN, 'N'),
      R: traced.apply(turnShare, 'share of both strands', {
        turn: entered(traced, 'turn of the line', 'θ', turnRad, 'rad'),
      }),
    }),
    slips: [{ code: 'one-strand', value: tensionN }],
  }),
};

/** Turns round a post: what the hand must hold. */
export interface HeldByTurns {
  readonly loadN: number;
  readonly turns: number;
  readonly friction: number;
}

export const heldByTurns: ReckoningKind<HeldByTurns> = {
  make: (chance) => ({
    loadN: roundNumber(chance, 400, 4000, 100),
    turns: roundNumber(chance, 1, 4, 1),
    friction: roundNumber(chance, 15, 35, 5) / 100,
  }),
  reckon: ({ loadN, turns, friction }) => ({
    sheet: traced.apply(tailFormula, 'what the tail must hold', {
      T: entered(traced, 'tension of the loaded part', 'T', loadN, 'N'),
      mu: entered(traced, 'friction', 'μ', friction, 'ratio'),
      theta: entered(traced, 'angle wrapped', 'θ', turns * 2 * Math.PI, 'rad'),
    }),
    slips: [
      {
        code: 'turns-as-radians',
        value: tailFormula.compute({ T: loadN, mu: friction, theta: turns }),
      },
    ],
  }),
};

/** A trucker's hitch tied off: what is left when the hand lets go and the load has settled. */
export interface KeptPull {
  readonly hauledN: number;
  readonly handN: number;
  readonly stiffnessN: number;
  readonly loadLengthM: number;
  readonly shortLengthM: number;
  readonly slipM: number;
  readonly settling: number;
}

export const keptPull: ReckoningKind<KeptPull> = {
  make: (chance) => {
    const handN = roundNumber(chance, 150, 400, 50);
    return {
      hauledN: 1.8 * handN,
      handN,
      stiffnessN: roundNumber(chance, 10_000, 40_000, 5000),
      loadLengthM: roundNumber(chance, 2, 6, 1),
      shortLengthM: roundNumber(chance, 30, 60, 10) / 100,
      slipM: roundNumber(chance, 3, 10, 1) / 1000,
      settling: roundNumber(chance, 10, 30, 5) / 100,
    };
  },
  reckon: (facts) => {
    const of = (label: string, symbol: string, value: number, unit: 'N' | 'm') =>
      entered(traced, label, symbol, value, unit);
    const kept = keptAfterTieOff(
      traced,
      {
        hauledN: of('hauled to', 'T', facts.hauledN, 'N'),
        handN: of('pull of the hand', 'H', facts.handN, 'N'),
        stiffnessN: of('stiffness of the rope', 'EA', facts.stiffnessN, 'N'),
        loadLengthM: of('load line', 'L₁', facts.loadLengthM, 'm'),
        shortLengthM: of('loop to anchor', 'L₂', facts.shortLengthM, 'm'),
        slipM: of('tail slipping in', 'd', facts.slipM, 'm'),
        anchorStrandN: of('strand from the anchor', 'S₂', 0, 'N'),
      },
      'slides',
    );
    return {
      sheet: settle(traced, kept, facts.settling),
      slips: [
        { code: 'tie-off-forgotten', value: facts.hauledN * (1 - facts.settling) },
        { code: 'settling-forgotten', value: kept.value! },
      ],
    };
  },
};

/** How far from the anchor the loop must be tied. */
export interface LoopHeight {
  readonly lengthM: number;
  readonly sagM: number;
  readonly tensionN: number;
  readonly stiffnessN: number;
}

export const loopHeight: ReckoningKind<LoopHeight> = {
  make: (chance) => ({
    lengthM: roundNumber(chance, 3, 10, 1),
    sagM: roundNumber(chance, 10, 40, 5) / 100,
    tensionN: roundNumber(chance, 300, 1000, 50),
    stiffnessN: roundNumber(chance, 10_000, 40_000, 5000),
  }),
  reckon: ({ lengthM, sagM, tensionN, stiffnessN }) => {
    const of = (label: string, symbol: string, value: number, unit: 'N' | 'm') =>
      entered(traced, label, symbol, value, unit);
    return {
      sheet: loopDistance(
        traced,
        {
          lengthM: of('length of the line', 'L', lengthM, 'm'),
          stiffnessN: of('stiffness of the rope', 'EA', stiffnessN, 'N'),
          tensionN: of('tension wanted', 'T', tensionN, 'N'),
          spanM: of('distance it hangs over', 'L', lengthM, 'm'),
          sagM: of('sag while slack', 's', sagM, 'm'),
          settingM: of('knots drawing up', 'k', KNOT_SETTING_M, 'm'),
        },
        of('a hand’s width', 'h', HAND_WIDTH_M, 'm'),
      ),
      slips: [{ code: 'stretch-only', value: (tensionN * lengthM) / stiffnessN }],
    };
  },
};

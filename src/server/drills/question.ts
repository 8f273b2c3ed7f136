import type { Shown } from '@/core/knot/catalogue/entry';
import type { View } from '@/core/knot/drawing/view';
import type { EntryId } from '@/core/knot/entry-ids';
import type { ShippedForm, ShippedFrame } from '@/core/knot/shape/frames';
import type { Stretch } from '@/core/inspection/drawing/stretch';
import type { RopeMaterialId } from '@/core/rope/materials';
import type { Scene } from '@/core/securement/stage/scene';
import type { Governor } from '@/core/training/governing/governing';
import type { Decision } from '@/core/training/inspecting/inspecting';
import type { ReckoningId } from '@/core/training/reckoning/kinds';
import type { Reading } from '@/core/training/reading/reading';
import type { PicturePoint } from '@/core/training/soundness/soundness';
import type { UnitId } from '@/core/units';

/** A knot as it is drawn in a question: nothing that tells its name. */
export type Drawn = Pick<ShippedForm, 'strands' | 'fixtures'> & { readonly frame: ShippedFrame };
export interface Choice {
  readonly id: EntryId;
  readonly name: string;
}

/** A question as it is asked: nothing in it tells the answer. */
export type Asked = { readonly number: number; readonly title: string } & (
  | {
      readonly ask: 'reckon';
      readonly kind: ReckoningId;
      readonly text: string;
      /** Taken where only a number is typed. */
      readonly unit: UnitId;
      /** The working with its figures hidden; `unit` null: a plain number. */
      readonly levels: readonly {
        readonly label: string;
        readonly symbol: string;
        readonly formula: string;
        readonly unit: UnitId | null;
      }[];
    }
  | {
      readonly ask: 'name';
      readonly drawn: Drawn;
      readonly view: View;
      readonly thickness: number;
      readonly options: readonly Choice[];
    }
  | {
      readonly ask: 'look';
      readonly name: string;
      readonly way: string;
      readonly drawn: Drawn;
      readonly view: View;
      readonly crossings: readonly PicturePoint[];
    }
  | {
      readonly ask: 'order';
      readonly name: string;
      readonly way: string;
      readonly loose: Drawn;
      readonly drawnUp: Drawn;
      readonly view: View;
      readonly steps: readonly Shown[];
    }
  | {
      readonly ask: 'choose';
      readonly job: string;
      readonly conditions: readonly string[];
      readonly options: readonly Choice[];
    }
  | {
      readonly ask: 'read';
      /** The deck, with nothing of what is known to be wrong. */
      readonly scene: Scene;
      readonly load: string;
      readonly lines: readonly string[];
      readonly options: readonly { readonly id: Reading; readonly name: string }[];
    }
  | {
      readonly ask: 'govern';
      /** The deck, with nothing of what is known of its lines. */
      readonly scene: Scene;
      readonly pushed: string;
      readonly load: string;
      readonly lines: readonly string[];
      readonly options: readonly { readonly id: Governor; readonly name: string }[];
    }
  | {
      readonly ask: 'inspect';
      readonly material: RopeMaterialId;
      readonly rope: string;
      readonly stretches: readonly Stretch[];
      readonly felt: string;
      readonly decisions: readonly { readonly id: Decision; readonly name: string }[];
    }
);
/** A question of one manner. */
export type AskedAs<A extends Asked['ask']> = Extract<Asked, { readonly ask: A }>;

import type { ReactNode } from 'react';
import type { ElementKindId, ElementOf } from '@/core/line/schema';
import type { DeckAnchor } from '@/core/securement/schema';
import type { UnitChoice } from '@/core/units';

/** What a form is given. */
export interface FormProps<K extends ElementKindId> {
  readonly element: ElementOf<K>;
  readonly set: (change: Partial<ElementOf<K>>) => void;
  readonly units: UnitChoice;
  readonly anchors: readonly DeckAnchor[];
}

/** A form by kind. A kind without one has nothing to be entered. */
export type Forms = { readonly [K in ElementKindId]?: (props: FormProps<K>) => ReactNode };

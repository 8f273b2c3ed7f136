'use client';
import type { ReactNode } from 'react';
import type { ElementKindId, LineElement } from '@/core/line/schema';
import { HARDWARE_FORMS } from './hardware';
import { HAULING_FORMS } from './hauling';
import type { FormProps, Forms } from './form';
import { KNOT_FORMS } from './knot';
import { PLACE_FORMS } from './places';
import { RUN_FORMS } from './run';

export const FORMS: Forms = {
  ...PLACE_FORMS,
  ...KNOT_FORMS,
  ...HAULING_FORMS,
  ...RUN_FORMS,
  ...HARDWARE_FORMS,
};

/** The form of one element. */
export function ElementForm({
  element,
  ...rest
}: Omit<FormProps<ElementKindId>, 'element' | 'set'> & {
  element: LineElement;
  set: (change: Partial<LineElement>) => void;
}) {
  // Element and form match key by key, which the compiler cannot see through an index.
  const Form = FORMS[element.kind] as ((props: FormProps<ElementKindId>) => ReactNode) | undefined;
  return Form ? (
    <Form element={element} {...(rest as Omit<FormProps<ElementKindId>, 'element'>)} />
  ) : null;
}

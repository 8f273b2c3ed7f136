import dynamic from 'next/dynamic';
import { useState } from 'react';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import type { Rope } from '@/core/rope/rope';
import { wordValue } from '@/wording/figures';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Spaced } from '../kit/layout';
import { orMissing } from '../orMissing';
import { useFetchAhead } from '../useFetchAhead';

const fetchForm = () => import('../kit/gearFields').then((m) => m.RopeForm);
const RopeForm = dynamic(() => orMissing(fetchForm()), { loading: () => null });
const ON_DEMAND = [fetchForm];

/** What the span is made of: said in words, and changed in a form that comes when it is asked for. */
export function SpanRope({ rope, set }: { rope: Rope; set: (rope: Rope) => void }) {
  const { units } = useMember();
  const [isOpen, setOpen] = useState(false);
  useFetchAhead(ON_DEMAND);
  const strength = rope.mbsN === null ? 'no label' : `${wordValue(rope.mbsN, 'N', units)} label`;
  return (
    <section aria-label="Rope of the span">
      <Spaced as="h3" $top={8} $bottom={4}>
        Rope of the span
      </Spaced>
      <p>
        {wordValue(rope.diameterM, 'm', units)} {ROPE_MATERIALS[rope.material].name}, {strength},{' '}
        {rope.condition}, {rope.weather}.{' '}
        <Button $kind="quiet" aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          {isOpen ? 'Close' : 'Change the rope'}
        </Button>
      </p>
      {isOpen ? (
        <RopeForm rope={rope} units={units} set={(change) => set({ ...rope, ...change })} />
      ) : null}
    </section>
  );
}

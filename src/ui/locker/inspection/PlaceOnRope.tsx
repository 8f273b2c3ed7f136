'use client';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components/Slider';
import styled from 'styled-components';
import { formatQuantity, UNITS } from '@/core/units';
import { PlainStrip, RopeStrip, ruler } from '../../diagrams/RopeLength';
import { useMember } from '../../frame/MemberContext';
import { Button } from '../../kit/Button';
import { Figure, Label } from '../../kit/text';

const Whole = styled.div`
  display: grid;
  gap: 2px;
  padding-top: 6px;
`;
const Readout = styled.div`
  display: flex;
  align-items: center;
  gap: 10px;
  & > button {
    min-width: 64px;
    min-height: 56px;
    font-size: 20px;
  }
`;
const Track = styled(SliderTrack)`
  position: relative;
  height: 64px;
  cursor: pointer;
  touch-action: pan-y;
`;
const Thumb = styled(SliderThumb)`
  top: 32px;
  width: 44px;
  height: 60px;
  cursor: grab;
  &[data-focus-visible] {
    outline: var(--w-focus) solid var(--ink);
    outline-offset: 2px;
  }
`;
const Ticks = styled.div`
  position: relative;
  height: 18px;
  margin: -12px 0 6px;
  pointer-events: none;
  font: 560 12px/1 var(--font-figure);
  font-stretch: 84%;
  color: var(--ink-2);
`;
const Tick = styled.span`
  position: absolute;
  left: var(--at);
  transform: translateX(-50%);
  &:first-child {
    transform: none;
  }
  &:last-child {
    transform: translateX(-100%);
  }
`;
const At = styled.span`
  flex: 1;
  text-align: center;
`;
const Lying = styled.div`
  position: absolute;
  left: 0;
  right: 0;
  top: 22px;
`;
const Mark = styled.i`
  position: absolute;
  top: 18px;
  width: 10px;
  height: 28px;
  transform: translateX(-50%);
  border: 2px solid var(--signal);
  background: var(--p-short);
  pointer-events: none;
  left: var(--at);
`;

/** Steps of a place: a tenth of the unit people read lengths in; finer on a short piece. */
const stepOf = (lengthM: number, unitM: number): number => (lengthM < 3 ? 0.02 : 0.1) * unitM;

/** A place along a rope, tapped, dragged, or stepped with keys and two big buttons. */
export function PlaceOnRope({
  lengthM,
  atM,
  onChange,
  marks,
  rope,
}: {
  lengthM: number;
  atM: number;
  onChange: (m: number) => void;
  marks: readonly number[];
  rope: boolean;
}) {
  const { units } = useMember();
  const step = stepOf(lengthM, UNITS[units.length].si);
  const Strip = rope ? RopeStrip : PlainStrip;
  const clamp = (m: number): number => Math.max(0, Math.min(lengthM, m));
  const part = (m: number): string => `${(100 * m) / lengthM}%`;
  return (
    <Whole>
      <Readout>
        <Button aria-label="Toward the tagged end" onPress={() => onChange(clamp(atM - step))}>
          −
        </Button>
        <At>
          <Figure $size={30}>{formatQuantity(atM, 'length', units)}</Figure>
          <br />
          <Label>from the tagged end</Label>
        </At>
        <Button aria-label="Away from the tagged end" onPress={() => onChange(clamp(atM + step))}>
          +
        </Button>
      </Readout>
      <Slider
        aria-label="Place of the damage"
        minValue={0}
        maxValue={lengthM}
        step={step}
        value={atM}
        onChange={(v) => onChange(clamp(v as number))}
        formatOptions={{ maximumFractionDigits: 2 }}
      >
        <Track>
          <Lying>
            <Strip $thick={20} aria-hidden />
          </Lying>
          {marks.map((m, i) => (
            <Mark key={i} style={{ '--at': part(m) }} aria-hidden />
          ))}
          <Thumb aria-label="Place of the damage">
            <svg width="44" height="60" viewBox="0 0 44 60" aria-hidden>
              <path d="M22 2v18M22 40v18" stroke="var(--ink)" strokeWidth="3" />
              <path d="M8 18h28v24H8z" fill="none" stroke="var(--ink)" strokeWidth="3.5" />
            </svg>
          </Thumb>
        </Track>
      </Slider>
      <Ticks aria-hidden>
        {ruler(lengthM, units).map((m) => (
          <Tick key={m} style={{ '--at': part(m) }}>
            {formatQuantity(m, 'length', units).replace(/\.0+(?=\D)/, '')}
          </Tick>
        ))}
      </Ticks>
    </Whole>
  );
}

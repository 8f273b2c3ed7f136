'use client';
import { KeysSheet } from '../kit/KeysSheet';

const KEYS = [
  ['p', 'pull, as long as it is held'],
  ['Shift+p', 'ease, as long as it is held'],
  ['t', 'tie off, or untie'],
  ['← →', 'on the slider: pull or ease by a step'],
] as const;

/** The keys of the bench. */
export const BenchKeys = ({ onClose }: { onClose: () => void }) => (
  <KeysSheet keys={KEYS} open onClose={onClose} />
);

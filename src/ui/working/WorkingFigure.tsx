'use client';
import type { ReactNode } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { Rounding } from '@/core/units';
import type { Working } from '@/core/working/working';
import { Figure } from '../kit/text';
import type { OpenedWorking } from './WorkingSheet';

const FigureButton = styled(AriaButton)`
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
  padding: 8px 2px;
  min-height: var(--hit);
  min-width: 28px;
  text-decoration: underline;
  text-underline-offset: 5px;
  text-decoration-thickness: 1.5px;
  font: inherit;
`;

/** Opens the working of a figure. */
export type OpenWorking = (opened: OpenedWorking) => void;

/** A figure that opens its working. `data-working` lets the key `w` find the one in focus. */
export function WorkingFigure({
  working,
  text,
  title,
  onOpen,
  size = 18,
  rounding = 'capacity',
  extra,
}: {
  working: Working;
  text: string;
  title: string;
  onOpen: OpenWorking;
  size?: number;
  rounding?: Rounding;
  extra?: ReactNode;
}) {
  return (
    <FigureButton
      data-working
      onPress={() => onOpen({ working, title, rounding, extra })}
      aria-label={`${title}: ${text}. Show working`}
    >
      <Figure $size={size}>{text}</Figure>
    </FigureButton>
  );
}

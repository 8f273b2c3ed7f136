'use client';
import { Dialog } from 'react-aria-components/Dialog';
import { Heading } from 'react-aria-components/Heading';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import styled, { css } from 'styled-components';
import { Button } from './Button';
import type { FullScreenProps, SheetProps } from './Sheet';
import { Grow } from './layout';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 20;
  background: var(--scrim);
  display: flex;
  @media print {
    position: static;
    background: none;
  }
`;
const Panel = styled(Modal)<{ $side: boolean }>`
  background: var(--sheet);
  color: var(--ink);
  overflow: auto;
  outline: none;
  ${({ $side }) =>
    $side
      ? css`
          margin-left: auto;
          width: min(660px, 100vw);
          height: 100vh;
          border-left: var(--w-strong) solid var(--ink);
        `
      : css`
          margin: auto;
          width: min(760px, calc(100vw - 24px));
          max-height: calc(100vh - 24px);
          border: var(--w-strong) solid var(--ink);
        `}
  @media print {
    width: auto;
    height: auto;
    border: 0;
    margin: 0;
    overflow: visible;
  }
`;
const Body = styled(Dialog)`
  padding: var(--s4) 28px 28px;
  outline: none;
  @media (max-width: 600px) {
    padding: var(--s3);
  }
`;
const Head = styled.header`
  display: flex;
  align-items: flex-start;
  gap: var(--s3);
  padding-bottom: var(--s3);
  border-bottom: var(--w-rule) solid var(--ink);
  margin-bottom: var(--s3);
`;
const Title = styled(Heading)`
  font: 640 24px/1.15 var(--font-figure);
  font-stretch: 96%;
  flex: 1;
  min-width: 0;
`;

/** A dialog in the middle, or from the side. Reached through `Sheet`. */
export function SheetModal({
  title,
  over,
  onClose,
  side = false,
  actions,
  children,
  mustAnswer = false,
}: Omit<SheetProps, 'open'>) {
  return (
    <Overlay
      isOpen
      onOpenChange={(next) => {
        if (!next) onClose();
      }}
      isDismissable={!mustAnswer}
      isKeyboardDismissDisabled={mustAnswer}
    >
      <Panel $side={side}>
        <Body>
          <Head>
            <Grow>
              {over}
              <Title slot="title">{title}</Title>
            </Grow>
            {actions}
            {mustAnswer ? null : (
              <Button onPress={onClose} aria-label="Close" data-no-print>
                ×
              </Button>
            )}
          </Head>
          {children}
        </Body>
      </Panel>
    </Overlay>
  );
}

const Full = styled(Modal)`
  position: fixed;
  inset: 0;
  background: var(--sheet);
  color: var(--ink);
  outline: none;
`;
const FullBody = styled(Dialog)`
  outline: none;
  height: 100%;
`;

/** A dialog over the whole screen. Reached through `FullScreen`. */
export function FullModal({ label, onClose, children }: Omit<FullScreenProps, 'open'>) {
  return (
    <Overlay
      isOpen
      onOpenChange={(next) => {
        if (!next) onClose();
      }}
    >
      <Full>
        <FullBody aria-label={label}>{children}</FullBody>
      </Full>
    </Overlay>
  );
}

'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { orMissing } from '../orMissing';
import { useFetchAhead } from '../useFetchAhead';
import { fetchKeyMaker, useOutbox } from './OutboxContext';

const fetchBar = () => import('./OutboxBar').then((m) => m.OutboxBar);
const OutboxBar = dynamic(() => orMissing(fetchBar()), { loading: () => null });

/** Wanted where there is no connection any more. */
const ON_DEMAND = [
  () => import('./OutboxBar').then((m) => m.fetchSheet()),
  () => import('../kit/Modals'),
  fetchKeyMaker,
];

/** Says on every page what the server does not have yet; few pages ever need it, so it comes on demand. */
export function Waiting() {
  const { entries } = useOutbox();
  // What was opened from it stays when the last record has been sent.
  const [isWanted, setWanted] = useState(false);
  if (entries.length > 0 && !isWanted) setWanted(true);
  useFetchAhead(ON_DEMAND);
  return isWanted ? <OutboxBar /> : null;
}

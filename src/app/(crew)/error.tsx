'use client';
import { Broken } from '@/ui/frame/Broken';

/** Inside the frame: the rail stays, so that every other room can still be reached. */
export default function ErrorPage({ reset }: { reset: () => void }) {
  return <Broken reset={reset} />;
}

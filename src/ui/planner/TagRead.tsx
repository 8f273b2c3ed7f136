'use client';
import Link from 'next/link';
import { useState } from 'react';
import type { LineElement } from '@/core/line/schema';
import { wordItem } from '@/wording/gear';
import { useMember } from '../frame/MemberContext';
import { gearOfTag, useTagReader } from '../locker/useTagReader';
import { factOf } from '../locker/useGearFacts';
import type { LockerItem } from '../locker/useLockerList';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import { refusal, withGear } from '../locker/putGear';
import type { PlanEditor } from './usePlanner';
import { Spaced } from '../kit/layout';

interface Place {
  readonly lineId: string;
  readonly name: string;
  readonly element: LineElement;
}

/** Where on a plan a thing can go. */
function placesFor(editor: PlanEditor, item: LockerItem): Place[] {
  return editor.plan.lines.flatMap((line, i) =>
    line.elements
      .filter((e) => withGear(e, item) !== null)
      .map((element): Place => ({ lineId: line.id, name: `${i + 1}. ${line.name}`, element })),
  );
}

/** A tag read in the planner: onto the picked element where it fits, else the lines it could go on. */
export function TagRead({
  editor,
  picked,
}: {
  editor: PlanEditor;
  picked: { readonly lineId: string; readonly elementId: string } | null;
}) {
  const { units } = useMember();
  const [read, setRead] = useState<{
    readonly code: string;
    readonly item: LockerItem | null;
    readonly error: string | null;
  } | null>(null);
  const put = (place: Place, item: LockerItem): void => {
    editor.learn(...factOf(item));
    editor.editElement(place.lineId, place.element.id, (e) => withGear(e, item) ?? e);
    setRead(null);
  };
  useTagReader(
    (code) =>
      void gearOfTag(code).then((found) => {
        if ('error' in found) return setRead({ code, item: null, error: found.error });
        const { item } = found;
        const error =
          refusal(item) ??
          (editor.readOnly ? 'Your role reads plans; it does not change them.' : null);
        const onPicked = placesFor(editor, item).find(
          (p) => p.lineId === picked?.lineId && p.element.id === picked.elementId,
        );
        if (!error && onPicked) put(onPicked, item);
        else setRead({ code, item, error });
      }),
  );
  if (!read) return null;
  const { item, error } = read;
  const places = item && !error ? placesFor(editor, item) : [];
  return (
    <Sheet
      title={`Tag ${read.code}`}
      over={item ? <Small>{wordItem(item.document.item, units)}</Small> : null}
      open
      onClose={() => setRead(null)}
    >
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {item && !error ? (
        <p>
          {places.length > 0 ? 'Put it on which line?' : 'No line of this plan has a place for it.'}
        </p>
      ) : null}
      <ul>
        {places.map((p) => (
          <Spaced key={`${p.lineId}/${p.element.id}`} as="li" $top={10}>
            <Button onPress={() => put(p, item!)}>{p.name}</Button>
          </Spaced>
        ))}
      </ul>
      {item ? (
        <Spaced as="p" $top={14}>
          <Link href={`/locker/${item.id}`}>Open it in the locker</Link>
        </Spaced>
      ) : null}
    </Sheet>
  );
}

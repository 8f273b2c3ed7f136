'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { StageData } from '@/server/knots';
import { Select } from '../kit/Select';
import { Label } from '../kit/text';
import { Forms } from './Stage.styles';

/** More ways than this are no row of links any more: they are chosen from a list. */
const MOST_LINKS = 8;

/** The ways to tie a knot, with what the chosen one is. */
export function FormChoice({
  id,
  forms,
  form,
  note,
}: Pick<StageData, 'forms' | 'form'> & { readonly id: string; readonly note: string }) {
  const router = useRouter();
  if (forms.length === 1) return null;
  const at = (way: string): string => `/knots/${id}?form=${way}`;
  return (
    <Forms aria-label="Ways to tie it">
      {forms.length > MOST_LINKS ? (
        <Select
          label={`Way to tie it, one of ${forms.length}`}
          value={form.id}
          choices={forms}
          onChange={(way) => router.push(at(way))}
        />
      ) : (
        forms.map((f) => (
          <Link key={f.id} href={at(f.id)} aria-current={f.id === form.id ? 'page' : undefined}>
            {f.name}
          </Link>
        ))
      )}
      <Label>{note}</Label>
    </Forms>
  );
}

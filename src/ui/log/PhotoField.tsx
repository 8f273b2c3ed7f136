'use client';
import { useId, useState } from 'react';
import styled from 'styled-components';
import { MOST_PHOTOS } from '@/core/log/vocabulary';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { ErrorText, Hidden, Label } from '../kit/text';
import { smallPicture } from './photos';

const Picture = styled.figure`
  position: relative;
  margin: 0;
  & > img {
    display: block;
    width: 112px;
    height: 84px;
    object-fit: cover;
    border: var(--w-rule) solid var(--ink);
  }
`;
const Take = styled.label`
  display: inline-grid;
  place-items: center;
  min-height: var(--hit);
  padding: 6px 16px;
  border: var(--w-rule) solid var(--ink);
  font: 640 15px/1.2 var(--font-figure);
  cursor: pointer;
  &:focus-within {
    outline: var(--w-focus) solid var(--ink);
    outline-offset: 2px;
  }
  & > input {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
  }
`;

/** Pictures taken or chosen, made small at once. */
export function PhotoField({
  photos,
  onChange,
}: {
  photos: readonly string[];
  onChange: (photos: readonly string[]) => void;
}) {
  const id = useId();
  const [error, setError] = useState<string | null>(null);
  const add = async (files: FileList | null): Promise<void> => {
    const made = await Promise.all(
      [...(files ?? [])].slice(0, MOST_PHOTOS - photos.length).map(smallPicture),
    );
    setError(made.includes(null) ? 'One of these is no picture that can be kept.' : null);
    onChange([...photos, ...made.filter((p) => p !== null)]);
  };
  return (
    <div>
      <Label as="p" id={id}>
        Pictures
      </Label>
      <Cluster role="group" aria-labelledby={id}>
        {photos.map((p, i) => (
          <Picture key={i}>
            <img src={`data:image/jpeg;base64,${p}`} alt={`Picture ${i + 1}`} />
            <Button $kind="quiet" onPress={() => onChange(photos.filter((_, k) => k !== i))}>
              Take away<Hidden> picture {i + 1}</Hidden>
            </Button>
          </Picture>
        ))}
        {photos.length < MOST_PHOTOS ? (
          <Take>
            Add a picture
            <input
              type="file"
              accept="image/*"
              multiple
              onChange={(e) => {
                void add(e.target.files).then(() => {
                  e.target.value = '';
                });
              }}
            />
          </Take>
        ) : null}
      </Cluster>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
    </div>
  );
}

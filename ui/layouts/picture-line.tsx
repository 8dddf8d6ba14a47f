'use client';

import { type ChangeEvent, useRef, useState } from 'react';
import { Button } from '../parts/button';
import { Choice } from '../parts/choice';
import { CommitField } from '../parts/commit-field';
import { Problem } from '../parts/problem';
import { type OwnPicture, useOwnPictures, usePicturesOf } from './own-pictures';
import { Line } from './panel-line';

const FITS = [
  { value: 'cover', title: 'Fill' },
  { value: 'contain', title: 'Fit' },
] as const;

/** A picture of one’s own in a block: chosen, how it lies, and away again. It stays in this browser. */
export function PictureLine({ layout, block }: { layout: string; block: string }) {
  const own = useOwnPictures();
  const picture: OwnPicture | undefined = usePicturesOf(layout)[block];
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const id = `${layout}/${block}`;
  const choose = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const [file] = target.files ?? [];
    target.value = '';
    if (file) void own.put(id, file).then(setProblem);
  };
  const focus = (side: 'across' | 'down') => (text: string) => {
    const share = Number(text.replace('%', '').trim());
    if (text.trim() === '' || !(share >= 0 && share <= 100)) return 'Enter a share from 0 to 100 %.';
    void own.lie(id, { [side]: share });
    return null;
  };
  return (
    <>
      <Line label="Preview">
        <input ref={input} type="file" accept="image/*" hidden aria-label="Picture file" onChange={choose} />
        <Button
          look="quiet"
          title="It stays in this browser and isn’t published"
          onClick={() => input.current?.click()}
        >
          {picture ? 'Replace picture…' : 'Try a picture…'}
        </Button>
        {picture && (
          <Button look="quiet" onClick={() => void own.remove(id)}>
            Remove picture
          </Button>
        )}
      </Line>
      {picture && (
        <Line label="Focus">
          <Choice label="Fit" options={FITS} value={picture.fit} onChange={(fit) => void own.lie(id, { fit })} />
          <CommitField label="Focus across, %" value={String(picture.across)} onCommit={focus('across')} />
          <CommitField label="Focus down, %" value={String(picture.down)} onCommit={focus('down')} />
        </Line>
      )}
      <Problem says={problem} />
    </>
  );
}

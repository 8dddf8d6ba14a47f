'use client';

import { differences } from '../../../core/diff/differences';
import type { Spec } from '../../../core/spec/schema';
import { DifferenceTable } from '../../drawing/difference-table';
import { Dialog } from '../../parts/dialog';
import { Button } from '../../parts/button';

type Props = {
  title: string;
  mine: { document: Spec; words: string };
  theirs: { document: Spec; words: string };
  onMine: () => void;
  onTheirs: () => void;
  onLater?: () => void;
};

/** Two versions of one draft: what differs, and which of them to go on with. Neither is thrown away. */
export function CollisionDialog({ title, mine, theirs, onMine, onTheirs, onLater }: Props) {
  const found = differences(theirs.document, mine.document);
  return (
    <Dialog
      title={title}
      isWide
      answers={
        <>
          {onLater && (
            <Button className="at-start" onClick={onLater}>
              Decide later
            </Button>
          )}
          <Button onClick={onTheirs}>Use {theirs.words}</Button>
          <Button look="primary" onClick={onMine}>
            Use {mine.words}
          </Button>
        </>
      }
    >
      <p>Nothing was overwritten. Both versions stay in the history, whichever you choose.</p>
      {found.length > 0 ? (
        <DifferenceTable differences={found} before={theirs.words} after={mine.words} />
      ) : (
        <p>Both are the same.</p>
      )}
    </Dialog>
  );
}

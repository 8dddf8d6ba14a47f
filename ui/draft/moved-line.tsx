'use client';

import { usePathname, useRouter } from 'next/navigation';
import { keptWhereTheyWere, type MovedBlock } from '../../core/layouts/moved-elsewhere';
import { counted, inSeries } from '../../core/length/present';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import { Notice } from '../parts/notice';
import { useDraft, useViewStore } from './draft-context';
import { Button } from '../parts/button';

/** Which blocks the newest change moved at other widths, with the way there and back. */
export function MovedLine({ address }: { address: string }) {
  const moved = useDraft((draft) => draft.elsewhere);
  const document = useDraft((draft) => draft.whole);
  const take = useDraft((draft) => draft.takeWhole);
  const undo = useDraft((draft) => draft.undo);
  const putAway = useDraft((draft) => draft.putAway);
  const view = useViewStore();
  const router = useRouter();
  const pathname = usePathname();
  const [first] = moved;
  if (!first) return null;
  const keyOf = ({ layout, is }: (typeof moved)[number]): string => `${layout.id}/${is.block.id}`;
  const blocks = new Set(moved.map(keyOf));
  const names = new Set(byWidth(moved.map(({ breakpoint }) => breakpoint)).map(({ name }) => name));

  const show = (): void => {
    const own = moved.filter(({ layout, breakpoint }) => layout === first.layout && breakpoint === first.breakpoint);
    view.getState().show(shownWidth(document, first.breakpoint));
    view.getState().openLayout(
      first.layout.id,
      own.map(({ is }) => is.block.id),
    );
    const layouts = `${address}/layouts`;
    if (pathname !== layouts) router.push(layouts);
  };

  return (
    <Notice of="news">
      {counted(blocks.size, 'block')} {didWhat(moved)} at {inSeries([...names])}.{' '}
      <Button look="quiet" onClick={show}>
        Show
      </Button>{' '}
      <Button look="quiet" onClick={() => take({ value: keptWhereTheyWere(document, moved) })}>
        Keep as before there
      </Button>{' '}
      <Button look="quiet" onClick={undo}>
        Undo
      </Button>{' '}
      <Button look="quiet" onClick={putAway}>
        Dismiss
      </Button>
    </Notice>
  );
}

/** What became of them: hidden, shown again, or moved. */
function didWhat(moved: readonly MovedBlock[]): string {
  if (moved.every(({ was, is }) => is.hidden && !was.hidden)) return 'also hidden';
  return moved.every(({ was, is }) => was.hidden && !is.hidden) ? 'also shown' : 'moved';
}

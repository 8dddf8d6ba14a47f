import { PilcrowLeft } from 'lucide-react';
import type { Direction } from '../../core/length/direction';
import { Toggle } from './toggle';

type Props = { direction: Direction; title: string; onTurn: (direction: Direction) => void };

/** Whether what is shown is read from right to left. */
export function DirectionToggle({ direction, title, onTurn }: Props) {
  return (
    <Toggle
      isOn={direction === 'rtl'}
      aria-label="Right to left"
      title={title}
      onClick={() => onTurn(direction === 'ltr' ? 'rtl' : 'ltr')}
    >
      <PilcrowLeft size={14} aria-hidden />
    </Toggle>
  );
}

/** What it does to a page; its key is the bench’s. */
export const TURNS_PAGE = 'Show the page as read from right to left (x)';

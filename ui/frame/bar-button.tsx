import type { LucideIcon } from 'lucide-react';
import { BareButton } from '../parts/bare-button';
import styles from './top-bar.module.scss';

type Props = {
  name: string;
  says: string;
  Icon: LucideIcon;
  /** Its key, with Alt + Shift. */
  letter?: string;
  keys?: string;
  disabled?: boolean;
  onClick: () => void;
};

/** A tool of the frame: its sign, with its word where the window has space for it, its key in the tooltip. */
export function BarButton({ name, says, Icon, letter, keys, disabled = false, onClick }: Props) {
  const shown = letter ? `Alt+Shift+${letter}` : keys;
  return (
    <BareButton
      className={styles.tool}
      onClick={onClick}
      disabled={disabled}
      aria-label={name}
      aria-keyshortcuts={letter && `Alt+Shift+${letter}`}
      data-key={letter}
      title={shown ? `${says} (${shown})` : says}
    >
      <Icon size={16} aria-hidden />
      <span className={styles.word}>{name}</span>
    </BareButton>
  );
}

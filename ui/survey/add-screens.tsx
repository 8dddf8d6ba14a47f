import { FileUp, ListPlus } from 'lucide-react';
import { ToolButton } from '../parts/toggle';
import styles from './survey.module.scss';

type Props = { onChoose: () => void; onList: () => void };

/** The ways to bring screens, beside dropping them. */
export function AddScreens({ onChoose, onList }: Props) {
  return (
    <div className={styles.add}>
      <ToolButton
        onClick={onChoose}
        title="Screenshots (PNG, JPEG, WebP), saved pages (HTML), lists of boxes (CSV, JSON)"
      >
        <FileUp size={14} aria-hidden /> Choose files…
      </ToolButton>
      <ToolButton onClick={onList} title="x, y, width, height and a name, from a spreadsheet">
        <ListPlus size={14} aria-hidden /> List of boxes…
      </ToolButton>
    </div>
  );
}

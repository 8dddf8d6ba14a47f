import { CommitField } from '../../../parts/commit-field';
import styles from '../preview.module.scss';
import type { Placement } from './kept-picture';

const FIELDS: { part: keyof Placement; label: string; unit: string; least: number; most: number }[] = [
  { part: 'strength', label: 'Strength', unit: '%', least: 5, most: 100 },
  { part: 'scale', label: 'Size', unit: '%', least: 1, most: 1000 },
  { part: 'across', label: 'Across', unit: 'px', least: -20_000, most: 20_000 },
  { part: 'down', label: 'Down', unit: 'px', least: -20_000, most: 20_000 },
];

type Props = { placement: Placement; onPlace: (placement: Placement) => void };

/** How strong, how large and where a picture lies under the grid; its own size is the screen's width. */
export function PicturePlacement({ placement, onPlace }: Props) {
  const commit = ({ part, label, unit, least, most }: (typeof FIELDS)[number], typed: string): string | null => {
    const text = typed
      .trim()
      .replace(/\s*(%|px)$/i, '')
      .replace('−', '-')
      .replace(',', '.');
    const value = Number(text);
    if (!/^-?\d+(\.\d{1,2})?$/.test(text) || value < least || value > most)
      return `${label} takes a number of ${unit} from ${least.toLocaleString('en')} to ${most.toLocaleString('en')}.`;
    onPlace({ ...placement, [part]: value });
    return null;
  };
  return (
    <span className={styles.placement}>
      {FIELDS.map((field) => (
        <span key={field.part}>
          {field.label}{' '}
          <CommitField
            label={`${field.label} of the picture`}
            title={field.unit}
            value={String(placement[field.part])}
            maxLength={8}
            onCommit={(text) => commit(field, text)}
          />
        </span>
      ))}
    </span>
  );
}

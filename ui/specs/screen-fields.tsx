import type { FromScreens, TypedScreens } from '../../core/sheet/from-screens';
import { Field } from '../parts/field';
import styles from './new-spec.module.scss';

type Props = { typed: TypedScreens; problem: FromScreens; onType: (typed: TypedScreens) => void };

const FIELDS: readonly { field: keyof TypedScreens; label: string; placeholder: string; isNeeded: boolean }[] = [
  { field: 'screens', label: 'Screens', placeholder: '390×844, 834×1194, 1440×900', isNeeded: true },
  { field: 'base', label: 'Base unit', placeholder: '8', isNeeded: true },
  { field: 'counts', label: 'Columns', placeholder: '4, 8, 12', isNeeded: true },
  { field: 'gutters', label: 'Gutters', placeholder: '16, 20, 24', isNeeded: true },
  { field: 'margins', label: 'Margins', placeholder: 'auto', isNeeded: false },
  { field: 'containers', label: 'Containers', placeholder: 'fills, fills, 1296', isNeeded: false },
];

/** One’s own screens in a line, and what holds for all of them: one value, or one for each screen. */
export function ScreenFields({ typed, problem, onType }: Props) {
  return (
    <div className={styles.fields}>
      {FIELDS.map(({ field, label, placeholder, isNeeded }) => (
        <Field
          key={field}
          label={label}
          className="number"
          autoComplete="off"
          required={isNeeded}
          placeholder={placeholder}
          value={typed[field]}
          error={problem.field === field ? problem.problem : undefined}
          onChange={({ target }) => onType({ ...typed, [field]: target.value })}
        />
      ))}
      <p className="soft">One value for all screens, or one for each, separated by commas.</p>
    </div>
  );
}

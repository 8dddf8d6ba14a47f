import styles from './comparison.module.scss';

/** States that can be compared: their tokens and names, in groups. */
export type StateGroup = { title: string; states: { token: string; name: string }[] };

type Props = { action: string; groups: readonly StateGroup[]; before: string; after: string };

/** Chooses two states; a plain form, so that an address says what is compared. */
export function StateChooser({ action, groups, before, after }: Props) {
  return (
    <form action={action} className={styles.chooser}>
      <StateSelect label="Compare" name="before" value={before} groups={groups} />
      <StateSelect label="with" name="after" value={after} groups={groups} />
      <button type="submit" className="btn btn-line">
        Compare
      </button>
    </form>
  );
}

function StateSelect({
  label,
  name,
  value,
  groups,
}: {
  label: string;
  name: string;
  value: string;
  groups: Props['groups'];
}) {
  const isListed = groups.some(({ states }) => states.some(({ token }) => token === value));
  return (
    <label>
      <span className="form-label">{label}</span>
      <select className="form-select" name={name} defaultValue={value}>
        {!isListed && <option value={value}>{value.replace(/^r/, 'revision ')}</option>}
        {groups.map(({ title, states }) => (
          <optgroup key={title} label={title}>
            {states.map(({ token, name: words }) => (
              <option key={token} value={token}>
                {words}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </label>
  );
}

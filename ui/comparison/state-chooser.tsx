import styles from './comparison.module.scss';
import { Button } from '../parts/button';
import { Label } from '../parts/label';
import { Select } from '../parts/select';

/** States that can be compared: their tokens and names, in groups. */
export type StateGroup = { title: string; states: { token: string; name: string }[] };

type Props = { action: string; groups: readonly StateGroup[]; before: string; after: string };

/** Chooses two states; a plain form, so that an address says what is compared. */
export function StateChooser({ action, groups, before, after }: Props) {
  return (
    <form action={action} className={styles.chooser}>
      <StateSelect label="Compare" name="before" value={before} groups={groups} />
      <StateSelect label="with" name="after" value={after} groups={groups} />
      <Button type="submit">Compare</Button>
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
      <Label as="span">{label}</Label>
      <Select name={name} defaultValue={value}>
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
      </Select>
    </label>
  );
}

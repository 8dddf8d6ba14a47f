import { Label } from './label';
import { Select } from './select';

type Props<T extends string> = {
  id: string;
  label: string;
  value: T;
  options: Record<T, string>;
  onChange: (value: T) => void;
};

/** A labelled choice of one of several. */
export function SelectField<T extends string>({ id, label, value, options, onChange }: Props<T>) {
  return (
    <div className="field">
      <Label htmlFor={id}>{label}</Label>
      <Select id={id} value={value} onChange={({ target }) => onChange(target.value as T)}>
        {Object.entries<string>(options).map(([each, says]) => (
          <option key={each} value={each}>
            {says}
          </option>
        ))}
      </Select>
    </div>
  );
}

import { Toggle } from './toggle';
import styles from './toggle.module.scss';

type Props<T extends string> = {
  label: string;
  options: readonly { value: T; title: string }[];
  value: T;
  onChange: (value: T) => void;
};

/** A few ways to look at one thing, of which one is chosen. */
export function Choice<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <div className={styles.group} role="group" aria-label={label}>
      {options.map((option) => (
        <Toggle key={option.value} isOn={option.value === value} onClick={() => onChange(option.value)}>
          {option.title}
        </Toggle>
      ))}
    </div>
  );
}

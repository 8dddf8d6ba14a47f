import { Toggle } from './toggle';
import ButtonGroup from 'react-bootstrap/ButtonGroup';
import styles from './choice.module.scss';

type Props<T extends string> = {
  label: string;
  options: readonly { value: T; title: string }[];
  value: T;
  onChange: (value: T) => void;
};

/** A few ways to look at one thing, of which one is chosen. */
export function Choice<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <ButtonGroup bsPrefix={styles.choice!} aria-label={label}>
      {options.map((option) => (
        <Toggle key={option.value} isOn={option.value === value} onClick={() => onChange(option.value)}>
          {option.title}
        </Toggle>
      ))}
    </ButtonGroup>
  );
}

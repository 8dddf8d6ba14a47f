'use client';

import { type UseFormReturn } from 'react-hook-form';
import type { ConditionFields } from '../../core/finder/read-conditions';
import { RATIOS } from '../../core/sweep/sweep';
import { useAwake } from '../frame/use-awake';
import styles from './finder.module.scss';
import { BareButton } from '../parts/bare-button';
import { Problem } from '../parts/problem';
import { Select } from '../parts/select';
import { TextInput } from '../parts/text-input';
import { Check } from '../parts/check';
import { Button } from '../parts/button';
import type { SearchState } from './use-search';

type Props = {
  form: UseFormReturn<ConditionFields>;
  problem: string | null;
  search: SearchState;
  onSearch: () => void;
  /** Fills in the containers and counts of every breakpoint. */
  onEvery: () => void;
  onCancel: () => void;
};

const TEXTS: { name: 'counts' | 'gutter' | 'margin' | 'leastColumn' | 'base'; label: string; hint: string }[] = [
  { name: 'counts', label: 'Counts', hint: '12, or 8 10 12, or 8 to 16' },
  { name: 'gutter', label: 'Gutter', hint: '24, or 16 to 32' },
  { name: 'margin', label: 'Margin', hint: 'on each side: 32, or 16 to 48' },
  { name: 'leastColumn', label: 'Smallest column', hint: '24' },
  { name: 'base', label: 'Multiples of', hint: '8' },
];

const PARTS = [
  { value: '2', label: 'halves' },
  { value: '3', label: 'thirds' },
  { value: '4', label: 'quarters' },
  { value: '6', label: 'sixths' },
];

/** What a grid has to be; what is found follows while it is typed, and with Enter. */
export function ConditionsForm({ form, problem, search, onSearch, onEvery, onCancel }: Props) {
  const { register, watch, formState } = form;
  const { errors } = formState;
  const isAwake = useAwake();
  const widthsAre = watch('widthsAre');
  const text = ({ name, label, hint }: (typeof TEXTS)[number]) => (
    <div className={styles.field} key={name}>
      <label htmlFor={`finder-${name}`}>{label}</label>
      <TextInput
        id={`finder-${name}`}
        className="number"
        placeholder={hint}
        title={hint}
        autoComplete="off"
        aria-invalid={Boolean(errors[name])}
        {...register(name)}
      />
      {errors[name] && (
        <p className="problem" role="alert">
          {errors[name].message}
        </p>
      )}
    </div>
  );
  return (
    <form
      className={styles.conditions}
      aria-label="Conditions"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onSearch();
      }}
    >
      {/* until the page is awake nothing can be typed that the form's own values would replace */}
      <fieldset disabled={!isAwake}>
        <div className={styles.field}>
          <label htmlFor="finder-widths">Fill</label>
          <Select aria-label="Container or viewport" {...register('widthsAre')}>
            <option value="containers">a container of</option>
            <option value="viewports">a viewport of</option>
          </Select>
          <TextInput
            id="finder-widths"
            className="number"
            placeholder="1296, or 1200 to 1300"
            autoComplete="off"
            aria-invalid={Boolean(errors.widths)}
            {...register('widths')}
          />
          {errors.widths && (
            <p className="problem" role="alert">
              {errors.widths.message}
            </p>
          )}
        </div>
        {TEXTS.filter(({ name }) => name !== 'margin' || widthsAre === 'viewports').map(text)}
        <fieldset className={styles.checks}>
          <legend>Multiples of the base unit</legend>
          {(['gutter', 'margin', 'column'] as const).map((part) => (
            <label key={part}>
              <Check type="checkbox" value={part} {...register('multiples')} /> {part}s
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Must be whole</legend>
          {PARTS.map(({ value, label }) => (
            <label key={value}>
              <Check type="checkbox" value={value} {...register('parts')} /> {label}
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Also whole in device pixels at</legend>
          {RATIOS.slice(1).map(({ name }, index) => (
            <label key={name}>
              <Check type="checkbox" value={String(index + 1)} {...register('ratios')} /> {name}
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Gutters</legend>
          <label>
            <Check type="checkbox" {...register('withinMargin')} /> no wider than the margin
          </label>
          <label>
            <Check type="checkbox" {...register('halfOutside')} /> half a gutter outside
          </label>
          <label>
            <Check type="checkbox" {...register('sameGutter')} /> one gutter for every width
          </label>
          <Button look="quiet" data-edits onClick={onEvery}>
            Use every breakpoint
          </Button>
        </fieldset>
        <div className={styles.actions}>
          {/* with it Enter searches from any field */}
          <BareButton type="submit" hidden />
          {search.is === 'searching' && (
            <div className={styles.progress} role="status">
              <Button onClick={onCancel}>Cancel</Button>
              <progress value={search.done} aria-label="Search progress" />
              <span className="number">{Math.round(search.done * 100)} %</span>
            </div>
          )}
          <Problem says={problem} />
        </div>
      </fieldset>
    </form>
  );
}

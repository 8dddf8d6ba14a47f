'use client';

import { type UseFormReturn } from 'react-hook-form';
import type { ConditionFields } from '../../core/finder/read-conditions';
import { RATIOS } from '../../core/sweep/sweep';
import { useAwake } from '../frame/use-awake';
import styles from './finder.module.scss';
import { Problem } from '../parts/problem';
import { Select } from '../parts/select';
import { TextInput } from '../parts/text-input';
import { Button } from '../parts/button';

type Props = {
  form: UseFormReturn<ConditionFields>;
  problem: string | null;
  isSearching: boolean;
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

/** What a grid has to be. Enter searches. */
export function ConditionsForm({ form, problem, isSearching, onSearch, onEvery, onCancel }: Props) {
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
          <Select aria-label="What is filled" {...register('widthsAre')}>
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
          <legend>Must be such multiples</legend>
          {(['gutter', 'margin', 'column'] as const).map((part) => (
            <label key={part}>
              <input type="checkbox" value={part} {...register('multiples')} /> {part}s
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Must come out</legend>
          {PARTS.map(({ value, label }) => (
            <label key={value}>
              <input type="checkbox" value={value} {...register('parts')} /> {label}
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Also whole in device pixels at</legend>
          {RATIOS.slice(1).map(({ name }, index) => (
            <label key={name}>
              <input type="checkbox" value={String(index + 1)} {...register('ratios')} /> {name}
            </label>
          ))}
        </fieldset>
        <fieldset className={styles.checks}>
          <legend>Gutters</legend>
          <label>
            <input type="checkbox" {...register('withinMargin')} /> no wider than the margin
          </label>
          <label>
            <input type="checkbox" {...register('halfOutside')} /> half a gutter outside
          </label>
          <label>
            <input type="checkbox" {...register('sameGutter')} /> one gutter for every width
          </label>
          <Button look="quiet" data-edits onClick={onEvery}>
            Fill in every breakpoint
          </Button>
        </fieldset>
        <div className={styles.actions}>
          {isSearching ? (
            <Button key="cancel" onClick={onCancel}>
              Cancel
            </Button>
          ) : (
            <Button key="find" type="submit" look="primary">
              Find whole grids
            </Button>
          )}
          <Problem says={problem} />
        </div>
      </fieldset>
    </form>
  );
}

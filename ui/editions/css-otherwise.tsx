'use client';

import { useState } from 'react';
import type { Origin } from '../../core/formats/grid-css/grid-css';
import { type GridCssOptions, gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import type { Spec } from '../../core/spec/schema';
import { download } from '../frame/download';
import { Field } from '../parts/field';
import styles from './reading.module.scss';
import { Problem } from '../parts/problem';
import { Label } from '../parts/label';
import { Select } from '../parts/select';
import { Button } from '../parts/button';

type Props = { spec: Spec; origin: Origin; fileName: string };

/** `grid.css` with other names, in a layer, with gutters as padding or shares, or for browsers without range syntax. */
export function CssOtherwise({ spec, origin, fileName }: Props) {
  const [options, setOptions] = useState<GridCssOptions>({});
  const { value: css, problem } = gridCssWith(spec, origin, options);
  const change = (next: GridCssOptions): void => setOptions({ ...options, ...next });
  const text = (value: string): string | undefined => (value.trim() === '' ? undefined : value.trim());
  return (
    <>
      <div className={styles.otherwise}>
        <Field
          label="Name prefix"
          required={false}
          placeholder="tw"
          maxLength={40}
          value={options.prefix ?? ''}
          onChange={({ target }) => change({ prefix: text(target.value) })}
        />
        <Field
          label="Cascade layer"
          required={false}
          placeholder="grid"
          maxLength={80}
          value={options.layer ?? ''}
          onChange={({ target }) => change({ layer: text(target.value) })}
        />
        <label>
          <Label as="span">Gutters</Label>
          <Select
            value={options.gutters ?? 'gap'}
            onChange={({ target }) => change({ gutters: target.value as NonNullable<GridCssOptions['gutters']> })}
          >
            <option value="gap">grid gaps</option>
            <option value="padding">item padding</option>
            <option value="shares">item padding, widths in percent</option>
          </Select>
        </label>
        <label>
          <Label as="span">Media queries</Label>
          <Select
            value={options.media ?? 'ranges'}
            onChange={({ target }) => change({ media: target.value as NonNullable<GridCssOptions['media']> })}
          >
            <option value="ranges">ranges, width &gt;= …</option>
            <option value="min-max">min-width, max-width</option>
          </Select>
        </label>
      </div>
      <Problem says={problem} />
      {css !== undefined && (
        <>
          <p>
            <Button look="quiet" onClick={() => download(`${fileName}-${origin.version}.grid.css`, 'text/css', css)}>
              Download
            </Button>{' '}
            <Button look="quiet" data-copy={css}>
              Copy
            </Button>
          </p>
          <pre className={styles.css} tabIndex={0} aria-label="Customise grid.css">
            {css}
          </pre>
        </>
      )}
    </>
  );
}

import { GUTTER_FORMS } from '../core/formats/grid-css/container-css';
import { type GridCssOptions, MEDIA_SYNTAXES } from '../core/formats/grid-css/grid-css-options';
import { Unusable } from './command';

/** The options of `grid.css` as commands take them. */
export const GRID_CSS_OPTIONS = {
  prefix: { type: 'string' },
  layer: { type: 'string' },
  gutters: { type: 'string' },
  media: { type: 'string' },
} as const;

type Values = Record<string, string | boolean | undefined>;

/** How `grid.css` is to be written; null where nothing is said of it. */
export function gridCssOptions(values: Values): { options: GridCssOptions; said: string } | null {
  const [said] = Object.keys(GRID_CSS_OPTIONS).filter((name) => values[name] !== undefined);
  if (said === undefined) return null;
  const text = (name: string): string | undefined => (typeof values[name] === 'string' ? values[name] : undefined);
  const oneOf = <T extends string>(name: string, choices: readonly T[]): T | undefined => {
    const found = choices.find((choice) => choice === values[name]);
    if (values[name] !== undefined && !found)
      throw new Unusable(`--${name} is “${values[name]}”. Use one of ${choices.join(', ')}`);
    return found;
  };
  const options: GridCssOptions = {
    prefix: text('prefix'),
    layer: text('layer'),
    gutters: oneOf('gutters', GUTTER_FORMS),
    media: oneOf('media', MEDIA_SYNTAXES),
  };
  const given = Object.entries(options).filter(([, value]) => value !== undefined);
  return { options: Object.fromEntries(given) as GridCssOptions, said };
}

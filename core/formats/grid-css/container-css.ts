/**
 * How gutters come about: as gaps of a CSS grid; as padding of the items, half on each side, as older code has it; or so in a flex box whose items
 * are shares of the row in percent.
 */
export const GUTTER_FORMS = ['gap', 'padding', 'shares'] as const;
export type GutterForm = (typeof GUTTER_FORMS)[number];

/** An element that is a grid on the columns of its range, without its `display` and its sizing. */
export const ON_COLUMNS = `  inline-size: var(--grid-width);
  margin-inline: var(--grid-margin-start) var(--grid-margin-end);
  padding-inline: var(--grid-inset);
  grid-template-columns: repeat(var(--grid-columns), var(--grid-track));
  column-gap: var(--grid-gutter);
  justify-content: var(--grid-justify);`;

/** An item of the grid that is a grid on the columns that it spans; a container in a container is taken for one. */
const within = (grid: string): string =>
  grid === '.grid' ? `.grid-inside,\n.grid > .grid,\n.grid-inside > .grid` : `${grid} > ${grid}`;

/** What stands in it, and in a grid within it. */
const items = (grid: string): string => (grid === '.grid' ? `.grid > *,\n.grid-inside > *` : `${grid} > *`);
const AS_AN_ITEM = `  inline-size: auto;
  margin-inline: 0;
  padding-inline: 0;`;

/**
 * The container class, and what stands in it.
 *
 * @param grid its selector: `.grid`, or that of a named grid
 */
export function containerCss(form: GutterForm, grid = '.grid'): string {
  if (form === 'gap')
    return `${grid} {
  display: grid;
  box-sizing: border-box;
${ON_COLUMNS}
}

${within(grid)} {
  display: grid;
  grid-template-columns: subgrid;
  column-gap: var(--grid-gutter);
${AS_AN_ITEM}
}

${items(grid)} {
  min-inline-size: 0;
}`;
  // half a gutter stands outside the first and the last item: the container sticks out by as much on both sides
  const box = `  box-sizing: border-box;
  inline-size: var(--grid-width);
  margin-inline: calc(var(--grid-margin-start) - var(--grid-gutter) / 2) calc(var(--grid-margin-end) - var(--grid-gutter) / 2);
  padding-inline: var(--grid-inset);`;
  if (form === 'padding')
    return `${grid} {
  display: grid;
${box}
  grid-template-columns: repeat(var(--grid-columns), var(--grid-track));
  column-gap: 0;
  justify-content: var(--grid-justify);
}

${items(grid)} {
  box-sizing: border-box;
  min-inline-size: 0;
  padding-inline: calc(var(--grid-gutter) / 2);
}

${within(grid)} {
  display: grid;
  grid-template-columns: subgrid;
  column-gap: 0;
${AS_AN_ITEM}
}`;
  return `${grid} {
  display: flex;
  flex-wrap: wrap;
${box}
}

${items(grid)} {
  box-sizing: border-box;
  flex: 0 0 auto;
  min-inline-size: 0;
  inline-size: 100%;
  padding-inline: calc(var(--grid-gutter) / 2);
}

${within(grid)} {
  display: flex;
  flex-wrap: wrap;
  margin-inline: 0;
  padding-inline: 0;
}`;
}

/** A span of so many columns, of so many. */
export function spanCss(form: GutterForm, span: number, count: number): string {
  return form === 'shares' ? `inline-size: ${share(span, count)};` : `grid-column-end: span ${span};`;
}

/** A start at a column, from 1. */
export function startCss(form: GutterForm, start: number, count: number): string {
  return form === 'shares' ? `margin-inline-start: ${share(start - 1, count)};` : `grid-column-start: ${start};`;
}

/** A share of the row, exact: `calc(100% * 5 / 12)`. */
function share(columns: number, count: number): string {
  if (columns === 0 || columns === count) return columns === 0 ? '0px' : '100%';
  return `calc(100% * ${columns} / ${count})`;
}

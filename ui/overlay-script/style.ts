import { rowImage } from '../../core/overlay/bars';
import { baselineImage } from '../../core/overlay/baseline-bars';
import type { OverlayData } from './data';

/** Squares from the container's start and the top bar on: lines to both sides of it, as far as the page goes. */
function meshOf({ square, strong }: NonNullable<OverlayData['mesh']>, colour: string): string {
  const lines = (way: string, thick: number, apart: string): string =>
    `repeating-linear-gradient(${way}, ${colour} 0 ${thick}px, transparent ${thick}px ${apart})`;
  const both = (thick: number, apart: string): string[] => [
    lines('to right', thick, apart),
    lines('to bottom', thick, apart),
  ];
  const images = [...both(1, square), ...(strong === null ? [] : both(2, `calc(${square} * ${strong})`))];
  return `.mesh { overflow: hidden; }
.mesh i { position: absolute; inset-block: var(--frame-top, 0px) 0; inset-inline: calc(var(--frame-start, 0px) + var(--grid-margin-start)) 0; background: ${images.join(', ')}; }`;
}

/** The look of the overlay; it stands in a shadow root, so that neither it nor the page's own rules reach the other. */
export const styleOf = ({ css, measure, inks, mesh, isOutlined }: OverlayData): string => `${css}
:host { all: initial; position: absolute; inset: 0 0 auto 0; inline-size: 100%; pointer-events: none; z-index: 2147483647; }
.page { ${measure === 'container' ? 'container: grid-region / inline-size; ' : ''}position: absolute; inset: 0 0 auto 0; box-sizing: border-box; padding-inline: var(--frame-start, 0px) var(--frame-end, 0px); }
.page > div { position: absolute; inset: 0; }
.columns { display: grid; box-sizing: border-box; inline-size: var(--grid-width); margin-inline: var(--grid-margin-start) var(--grid-margin-end);
  padding-inline: var(--grid-inset); grid-template-columns: repeat(var(--grid-columns), var(--grid-track)); column-gap: var(--grid-gutter); justify-content: var(--grid-justify); }
.page > .columns { inset: 0 auto 0 0; position: relative; block-size: 100%; }
.columns i { ${isOutlined ? `box-sizing: border-box; border: 1px solid ${inks.columns}` : `background: ${inks.columns}`}; }
${mesh ? meshOf(mesh, inks.mesh) : ''}
.guides i { position: absolute; background: ${inks.guides}; }
.guides .x { inset-block: 0; inline-size: 1px; } .guides .y { inset-inline: 0; block-size: 1px; }
.page > .rows, .page > .lines { inset-block-start: var(--frame-top, 0px); }
.rows { background: ${rowImage(inks.rows, isOutlined)} 0 var(--grid-row-offset, 0px) / 100% var(--grid-row-extent, 100%) no-repeat; }
.lines { background: ${baselineImage(inks.baseline)} 0 var(--grid-baseline-offset, 0px); }
[hidden] { display: none !important; }
.mark { position: absolute; box-sizing: border-box; border: 1px solid #b3261e; }
.mark b { position: absolute; inset-block-start: -18px; inset-inline-start: -1px; padding: 0 4px; background: #b3261e; color: #fff; font: 12px/17px system-ui, sans-serif; white-space: nowrap; }
.mark.own { border-color: #14695f; } .mark.own b { background: #14695f; }
.catch { position: fixed; inset: 0; pointer-events: auto; cursor: crosshair; }
.panel { position: fixed; inset-block-end: 12px; inset-inline-start: 12px; box-sizing: border-box; max-inline-size: min(420px, calc(100vw - 24px)); max-block-size: 60vh; overflow: auto; padding: 8px 12px; border-radius: 6px; background: #1f2230;
  color: #f3f1f7; font: 13px/1.5 system-ui, sans-serif; pointer-events: auto; box-shadow: 0 4px 18px rgb(0 0 0 / 30%); }
.panel p { margin: 0 0 4px; }
.panel button { margin: 2px 4px 2px 0; padding: 2px 8px; border: 1px solid #7a7b8c; border-radius: 4px; background: none; color: inherit; font: inherit; cursor: pointer; }
.panel button[aria-pressed='true'] { background: #cfa6e6; border-color: #cfa6e6; color: #1f2230; }
.panel :focus-visible { outline: 2px solid #cfa6e6; outline-offset: 1px; }
.panel ol { margin: 4px 0 0; padding-inline-start: 20px; }
.panel li button { border: 0; padding: 0; text-align: start; text-decoration: underline; }`;

import { FRAME_FILL } from '../../overlay/frame-areas';
import { USUAL_INKS } from '../../overlay/inks';
import type { Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';
import { markSvg } from './mark-svg';
import type { Origin } from '../grid-css/grid-css';
import { type BreakpointContent, type LayoutContent, pageContent, type TableContent } from './page-content';

/** An edition as one page of HTML that needs nothing else: no script, no file beside it, for screens and for paper. */
export function pageHtml(spec: Spec, origin: Origin): string {
  const { name, version, note, published, sha256, breakpoints, tables, layouts, last } = pageContent(spec, origin);
  const widest = Math.max(...breakpoints.map(({ width }) => width));
  return `<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escaped(`${name} ${version}`)}</title>
<style>
${STYLE}
</style>
</head>
<body>
<label class="turn"><input type="checkbox" id="rtl"> Right to left</label>
<header>
<h1>${escaped(name)} <span class="n">${escaped(version)}</span></h1>
${note === '' ? '' : `<p>${escaped(note)}</p>\n`}<p>Published ${escaped(published)}. SHA-256 of the specification: <span class="n">${escaped(sha256)}</span></p>
</header>
<main>
${breakpoints.map((each) => breakpointHtml(each, widest)).join('\n')}
${tables.map(tableHtml).join('\n')}
${layouts.map(layoutHtml).join('\n')}
${last.map(tableHtml).join('\n')}
</main>
</body>
</html>
`;
}

const STYLE = `:root { color-scheme: light dark; font: 15px/1.5 system-ui, sans-serif; --line: #d8d2c4; --soft: #5a5d6b; --column: #d9c7df; --row: #d99a3d; }
@media (prefers-color-scheme: dark) { :root { --line: #3a3b4a; --soft: #a6a8b8; --column: #6f5579; --row: #b98a45; } }
body { max-width: 1080px; margin: 0 auto; padding: 24px 20px 64px; }
h1 { margin: 0; font-size: 28px; line-height: 1.2; }
h2 { margin: 40px 0 8px; font-size: 19px; line-height: 1.3; }
header p, .soft { color: var(--soft); }
header p { overflow-wrap: anywhere; }
.n, td { font-family: ui-monospace, monospace; font-variant-numeric: tabular-nums; }
.drawing { display: block; max-width: 100%; height: auto; border: 1px solid var(--line); }
.drawing .columns { fill: var(--column); }
.drawing .rows { fill: var(--row); opacity: 0.25; }
.drawing.outlined :is(.columns, .rows) { fill: none; stroke: var(--column); stroke-width: 2; }
.drawing.outlined .rows { stroke: var(--row); }
.drawing .frame { fill: ${FRAME_FILL}; }
.drawing .guide { fill: none; stroke: ${USUAL_INKS.guides.colour}; stroke-width: 2; }
.drawing .blocks rect { fill: none; stroke: var(--soft); }
.drawing .columns.over { opacity: 0.3; }
.drawing .blocks { opacity: 0.5; }
.drawing .paper { fill: #fff; }
.turn { float: inline-end; }
body:has(#rtl:checked) .drawing { transform: scaleX(-1); }
body:has(#rtl:checked) .drawing text { transform: scaleX(-1); transform-box: fill-box; transform-origin: 50%; }
.figures { display: flex; flex-wrap: wrap; gap: 16px; align-items: start; }
figure { margin: 0; }
.scroll { overflow-x: auto; }
table { border-collapse: collapse; font-size: 14px; }
th, td { padding: 4px 16px 4px 0; border-bottom: 1px solid var(--line); text-align: start; vertical-align: baseline; }
thead th { border-bottom: 2px solid currentcolor; }
td small { display: block; color: var(--soft); }
@media print { .turn { display: none; } body { max-width: none; padding: 0; } .scroll { overflow: visible; } table { font-size: 8pt; } th, td { padding-inline-end: 8px; } h2, h2 + p { break-after: avoid; } tr, figure, .drawing, ul { break-inside: avoid; } }`;

/** As wide as the widest drawing, in px of the page. */
const WIDEST_DRAWING = 720;

function breakpointHtml(
  { name, range, width, height, columns, rows, isOutlined, frame, guides, sums, says, notes }: BreakpointContent,
  widest: number,
): string {
  const scale = WIDEST_DRAWING / widest;
  const [wide, high] = [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
  const across = columns.map(
    ([from, length]) => `<rect x="${short(from)}" width="${short(length)}" height="${height}"/>`,
  );
  const down = rows.map(([from, length]) => `M0 ${short(from)}h${width}v${short(length)}H0z`);
  const beside = [
    ...guides.map(
      ({ axis, at, name: of }) =>
        `<path class="guide" d="${axis === 'x' ? `M${short(at)} 0v${height}` : `M0 ${short(at)}h${width}`}"><title>${escaped(of)}</title></path>`,
    ),
    ...frame.map(
      ({ x, y, width: across, height: tall }) =>
        `<rect class="frame" x="${short(x)}" y="${short(y)}" width="${short(across)}" height="${short(tall)}"/>`,
    ),
  ];
  return `<section>
<h2>${escaped(name)}</h2>
<p class="soft"><span class="n">${escaped(range)}</span>, drawn at <span class="n">${width} × ${height}</span></p>
<svg class="drawing${isOutlined ? ' outlined' : ''}" width="${wide}" height="${high}" viewBox="0 0 ${width} ${height}" role="img" aria-label="${escaped(`The grid of ${name}`)}"><g class="columns">${across.join('')}</g>${down.length > 0 ? `<path class="rows" d="${down.join('')}"/>` : ''}${beside.join('')}</svg>
${sums.map((sum) => `<p class="n">${escaped(sum)}</p>`).join('\n')}
<ul>
${says.map((sentence) => `<li>${escaped(sentence)}</li>`).join('\n')}
</ul>${notes === '' ? '' : `\n<p>${escaped(notes)}</p>`}
</section>`;
}

/** As wide as the drawings of a layout are together, in px of the page. */
const TOGETHER = 1000;

function layoutHtml({ name, notes, drawings, table }: LayoutContent): string {
  const scale = Math.min(0.5, TOGETHER / drawings.reduce((sum, { width }) => sum + width, 0));
  const figures = drawings.map(({ name: at, width, height, columns, isOutlined, marks, blocks }) => {
    const own = 1 / scale;
    const down = columns.map(
      ([from, length]) => `<rect x="${short(from)}" width="${short(length)}" height="${short(height)}"/>`,
    );
    const boxes = blocks.map(
      ({ name: block, x, y, width: wide, height: high }) =>
        `<rect x="${short(x)}" y="${short(y)}" width="${short(wide)}" height="${short(high)}" stroke-width="${short(own / 2)}"><title>${escaped(block)}</title></rect>`,
    );
    const page = `<rect class="paper" width="${short(width)}" height="${short(height)}"/>${marks.map(markSvg).join('')}`;
    return `<figure><svg class="drawing${isOutlined ? ' outlined' : ''}" width="${short(width * scale)}" height="${short(height * scale)}" viewBox="0 0 ${short(width)} ${short(height)}" role="img" aria-label="${escaped(`${name}, ${at}`)}">${page}<g class="columns over">${down.join('')}</g><g class="blocks">${boxes.join('')}</g></svg><figcaption class="soft">${escaped(at)}</figcaption></figure>`;
  });
  return `<section>
<h2>${escaped(name)}</h2>
<p class="soft">trial layout, all at one scale</p>${notes === '' ? '' : `\n<p>${escaped(notes)}</p>`}
<div class="figures">
${figures.join('\n')}
</div>
</section>
${tableHtml(table)}`;
}

function tableHtml({ title, says, head, rows }: TableContent): string {
  const cell = (text: string): string => {
    const [first = '', ...more] = text.split('\n');
    return `<td>${escaped(first)}${more.map((line) => `<small>${escaped(line)}</small>`).join('')}</td>`;
  };
  return `<section>
<h2>${escaped(title)}</h2>
<p class="soft">${escaped(says)}</p>
<div class="scroll" tabindex="0" role="group" aria-label="${escaped(title)}">
<table>
<thead><tr><td></td>${head.map((name) => `<th scope="col">${escaped(name)}</th>`).join('')}</tr></thead>
<tbody>
${rows.map(({ label, cells }) => `<tr><th scope="row">${escaped(label)}</th>${cells.map(cell).join('')}</tr>`).join('\n')}
</tbody>
</table>
</div>
</section>`;
}

function short(length: number): string {
  return String(Math.round(length * 1000) / 1000);
}

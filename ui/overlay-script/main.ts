import { blocksOn } from './blocks';
import type { OverlayData } from './data';
import { layOut, type LaidOut, regionsOn, sumOf } from './grid';
import { measureOn } from './measure';
import { elementName } from '../measure-script/element-name';
import { elementsOffGrid } from './off';
import { reportOf } from './report';
import { styleOf } from './style';

declare const YPSILINE_DATA: OverlayData;

/** Ends the overlay that is there; run a second time, the script takes it away. */
type Ended = { [key: symbol]: (() => void) | undefined };
const RUNNING = Symbol.for('ypsiline overlay');
const world = window as unknown as Ended;

const LAYERS = [
  ['c', 'Columns', 'columns'],
  ['r', 'Rows', 'rows'],
  ['b', 'Baseline', 'lines'],
  ['m', 'Mesh', 'mesh'],
  ['g', 'Guides', 'guides'],
] as const;

function start(data: OverlayData): void {
  const host = document.createElement('ypsiline-overlay');
  const root = host.attachShadow({ mode: 'open' });
  // a sheet that is made by a script is no style in the page: strict policies allow it
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(styleOf(data));
  root.adoptedStyleSheets = [sheet];
  const make = (tag: string, name: string, parent: ParentNode): HTMLElement => {
    const element = document.createElement(tag);
    if (name) element.className = name;
    parent.append(element);
    return element;
  };
  const page = make('div', 'page', root);
  // what the edition has none of has no key
  const kinds = LAYERS.filter(
    ([, , name]) =>
      (name !== 'mesh' || data.mesh) &&
      (name !== 'guides' || Object.values(data.guides).some(({ length }) => length > 0)),
  );
  const layers = Object.fromEntries(kinds.map(([, , name]) => [name, make('div', name, page)])) as Record<
    string,
    HTMLElement
  >;
  layers['rows']!.hidden = layers['lines']!.hidden = true;
  if (layers['mesh']) {
    layers['mesh'].hidden = true;
    make('i', '', layers['mesh']);
  }
  const marks = make('div', '', page);
  const panel = make('div', 'panel', root);
  panel.setAttribute('role', 'region');
  panel.setAttribute('aria-label', 'Grid overlay');
  document.documentElement.append(host);

  let grid: LaidOut;
  const head = make('p', '', panel);
  const tools = make('p', '', panel);
  const says = make('p', '', panel);
  says.setAttribute('role', 'status');
  const list = make('ol', '', panel);

  const button = (text: string, press: () => void, parent: ParentNode = tools): HTMLElement => {
    const own = make('button', '', parent);
    own.textContent = text;
    own.addEventListener('click', press);
    return own;
  };
  const toggles = kinds.map(([key, title, name]) => ({
    key,
    press: () => {
      layers[name]!.hidden = !layers[name]!.hidden;
      draw();
    },
    button: null as HTMLElement | null,
    name,
    title,
  }));
  for (const toggle of toggles) toggle.button = button(`${toggle.title} (${toggle.key})`, toggle.press);
  const measure = measureOn(
    root,
    page,
    () => grid,
    (text) => (says.textContent = text),
  );
  button('Distance (d)', measure.toggle);
  button('Off the grid (o)', () => showOff());
  button('Copy report (j)', () => copy());
  // of several containers on the page, one after the other
  let shown = 0;
  const other = (): void => {
    shown += 1;
    draw();
  };
  const next = button('Next container (n)', other);
  button('Close (Esc)', () => end());

  const draw = (): void => {
    page.style.blockSize = '0px';
    const regions = regionsOn(data);
    grid = layOut(data, regions[shown % regions.length], layers['columns']!);
    drawGuides();
    next.hidden = regions.length < 2;
    head.textContent =
      data.measure === 'container' && regions.length === 0
        ? `${data.name} ${data.version}: this page has no .grid-region, so the grid lies over the whole page.`
        : `${data.name} ${data.version}, ${grid.range.name}: ${sumOf(grid)}`;
    for (const { button: own, name } of toggles) own!.setAttribute('aria-pressed', String(!layers[name]!.hidden));
  };

  const drawGuides = (): void => {
    layers['guides']?.replaceChildren();
    for (const { name, axis, at } of (layers['guides'] && data.guides[grid.range.id]) || []) {
      const line = make('i', axis, layers['guides']!);
      line.title = name;
      line.style.setProperty(axis === 'x' ? 'inset-inline-start' : 'inset-block-start', at);
    }
  };

  const mark = (element: Element, text: string, isOwn: boolean): void => {
    const rect = element.getBoundingClientRect();
    const box = make('div', isOwn ? 'mark own' : 'mark', marks);
    box.style.cssText = `inset: ${rect.top + scrollY}px auto auto ${rect.left + scrollX}px; inline-size: ${rect.width}px; block-size: ${rect.height}px`;
    make('b', '', box).textContent = text;
  };
  const px = (length: number): string => `${length > 0 ? '+' : '−'}${Math.abs(Math.round(length * 100) / 100)} px`;

  const showOff = (): void => {
    marks.replaceChildren();
    list.replaceChildren();
    const off = elementsOffGrid(grid);
    const blocks = blocksOn(data, grid);
    const wrong = blocks.filter((block) => Math.max(Math.abs(block.start), Math.abs(block.end)) > 0.5);
    says.textContent =
      `${off.length === 0 ? 'Every edge is on the grid' : `${off.length} edge${off.length === 1 ? '' : 's'} off the grid`}.` +
      (blocks.length > 0
        ? ` ${blocks[0]!.layout}: ${blocks.length} blocks found, ${wrong.length} of them not on their columns.`
        : '');
    const entry = (element: Element, text: string, isOwn: boolean): void => {
      mark(element, text, isOwn);
      button(
        `${elementName(element)}: ${text}`,
        () => element.scrollIntoView({ block: 'center' }),
        make('li', '', list),
      );
    };
    for (const { element, side, by } of off) entry(element, `${side} ${px(by)}`, false);
    for (const { element, id, start: from, end: to } of wrong)
      entry(
        element,
        `${id}: ${[['start', from] as const, ['end', to] as const]
          .filter(([, by]) => Math.abs(by) > 0.5)
          .map(([side, by]) => `${side} ${px(by)}`)
          .join(', ')}`,
        true,
      );
  };

  const copy = (): void => {
    const report = reportOf(data, grid, elementsOffGrid(grid), blocksOn(data, grid));
    const copied = navigator.clipboard?.writeText(report) ?? Promise.reject(new Error('no clipboard'));
    copied.then(
      () => (says.textContent = 'Report copied. Paste it into Survey.'),
      () => {
        // a page without a clipboard shows it, to be copied by hand
        const field = make('textarea', '', list.appendChild(document.createElement('li'))) as HTMLTextAreaElement;
        field.value = report;
        field.select();
        says.textContent = 'This page doesn’t allow copying. Select the report and copy it yourself.';
      },
    );
  };

  const keys: Record<string, () => void> = {
    ...Object.fromEntries(toggles.map(({ key, press }) => [key, press])),
    d: measure.toggle,
    o: showOff,
    j: copy,
    n: other,
    Escape: () => (measure.isOn() ? measure.toggle() : end()),
  };
  const onKey = (event: KeyboardEvent): void => {
    const target = event.composedPath()[0] as HTMLElement;
    const isField = /^(input|textarea|select)$/i.test(target.tagName ?? '') || target.isContentEditable;
    if (isField || event.ctrlKey || event.metaKey || event.altKey || !keys[event.key]) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    keys[event.key]!();
  };
  addEventListener('keydown', onKey, true);
  const observer = new ResizeObserver(draw);
  observer.observe(document.documentElement);
  observer.observe(document.body);
  for (const region of regionsOn(data)) observer.observe(region);
  addEventListener('resize', draw);
  draw();

  const end = (): void => {
    removeEventListener('keydown', onKey, true);
    removeEventListener('resize', draw);
    observer.disconnect();
    measure.end();
    host.remove();
    delete world[RUNNING];
  };
  world[RUNNING] = end;
}

if (world[RUNNING]) world[RUNNING]();
else if (document.body) start(YPSILINE_DATA);
else addEventListener('DOMContentLoaded', () => start(YPSILINE_DATA), { once: true });

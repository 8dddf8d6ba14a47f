import { canonicalJson } from '../edition/canonical';
import type { Parsed } from '../parsed';
import { readSpecText } from '../document/read';
import { givenParts, specOfGrid } from '../spec/named-grids';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { NARROWEST_SWEPT, WIDEST_SWEPT } from '../sweep/sweep';
import { gridCss, type Origin } from './grid-css/grid-css';
import { layoutCss } from './layout/layout-css';
import { layoutHtml } from './layout/layout-html';
import { sweepCsv } from './sweep-csv';
import { overlayJs } from './overlay/overlay-js';
import { overlayPixels, overlaySvg, pixelSize } from './overlay/overlay-svg';
import { pageContent } from './page/page-content';
import { pageHtml } from './page/page-html';
import { tokensJson } from './tokens/tokens-json';
import { tokensText } from './tokens/tokens-text';
import { valuesCsv } from './values/values-csv';
import { valuesJson } from './values/values-json';
import { valuesMd } from './values/values-md';

/** A form in which a specification leaves, or comes in. */
export type Format = {
  id: string;
  /** Its name behind that of the edition: `passenger-site-1.0.0.grid.css`. A star in it stands for the id of a breakpoint: there is a file for each. */
  file: string;
  /** What it is for, in a line. */
  isOf: string;
  mediaType: string;
  title: string;
  /** Is it one of an edition's files, which are written once, when it is published? */
  inEditions: boolean;
  /** Rises when the same document comes out otherwise; kept with each written file. */
  writer: number;
  /** Of a breakpoint there is also a file for each grid beside the main one that gives something there: `overlay-desktop.article.svg`. */
  isOfGrids?: true;
  /** Is there something to write of a spec, and of a breakpoint? By default of any. */
  isFor?: (spec: Spec, breakpoint?: Breakpoint) => boolean;
  /** What is written is no text that is kept, but becomes a picture or a PDF, which the server makes of it. */
  becomes?: 'png' | 'pdf';
  /** One of its files names another: both keep their names wherever they are put. */
  isLinked?: true;
  write: (spec: Spec, origin: Origin, breakpoint?: Breakpoint) => string;
  read?: (text: string) => Parsed<Spec>;
};

/** Every format: what is published, served, downloaded and read is looked up here. */
export const FORMATS: readonly Format[] = [
  {
    id: 'grid-css',
    file: 'grid.css',
    mediaType: 'text/css',
    title: 'Style sheet',
    isOf: 'sites: ranges, custom properties, spans, rows, type',
    inEditions: true,
    writer: 2,
    write: gridCss,
  },
  {
    id: 'spec-json',
    file: 'spec.json',
    mediaType: 'application/json',
    title: 'The document itself',
    isOf: 'scripts, and starting another specification',
    inEditions: true,
    writer: 1,
    write: canonicalJson,
    read: readSpecText,
  },
  {
    id: 'values-json',
    file: 'values.json',
    mediaType: 'application/json',
    title: 'All calculated values, exact',
    isOf: 'scripts: every value in lowest terms',
    inEditions: true,
    writer: 3,
    write: valuesJson,
  },
  {
    id: 'layout-css',
    file: 'layout.css',
    mediaType: 'text/css',
    title: 'Style sheet of the layouts',
    isOf: 'pages that follow a trial layout',
    inEditions: true,
    writer: 3,
    isFor: hasLayouts,
    isLinked: true,
    write: (spec, origin) => layoutCss(spec, origin),
  },
  {
    id: 'layout-html',
    file: 'layout.html',
    mediaType: 'text/html',
    title: 'The layouts as a page',
    isOf: 'trying the layouts without the application',
    inEditions: true,
    writer: 2,
    isFor: hasLayouts,
    isLinked: true,
    write: (spec) => layoutHtml(spec),
  },
  {
    id: 'tokens-json',
    file: 'tokens.json',
    mediaType: 'application/json',
    title: 'Design tokens',
    isOf: 'token tool chains: Design Tokens Format Module 2025.10, exact fractions beside',
    inEditions: true,
    writer: 2,
    write: tokensJson,
  },
  {
    id: 'tokens-text',
    file: 'tokens-text.json',
    mediaType: 'application/json',
    title: 'Design tokens, older form',
    isOf: 'token tools from before 2025: a dimension is a text such as 24px',
    inEditions: true,
    writer: 1,
    write: tokensText,
  },
  {
    id: 'values-csv',
    file: 'values.csv',
    mediaType: 'text/csv',
    title: 'Values for spreadsheets',
    isOf: 'spreadsheets: decimals, a line for each value',
    inEditions: true,
    writer: 3,
    write: valuesCsv,
  },
  {
    id: 'values-md',
    file: 'values.md',
    mediaType: 'text/markdown',
    title: 'Values for wikis',
    isOf: 'wikis and hand-off notes',
    inEditions: true,
    writer: 2,
    write: valuesMd,
  },
  {
    id: 'overlay-svg',
    file: 'overlay-*.svg',
    mediaType: 'image/svg+xml',
    title: 'The grid as a drawing',
    isOf: 'any drawing program: columns, rows and baselines as named groups',
    inEditions: true,
    writer: 2,
    isOfGrids: true,
    write: (spec, _origin, breakpoint) => overlaySvg(spec, breakpoint!),
  },
  overlayPng(1, 'overlay-*.png', 'The grid as a picture'),
  overlayPng(2, 'overlay-*@2x.png', 'The grid as a picture, two pixels to a px'),
  overlayPng(3, 'overlay-*@3x.png', 'The grid as a picture, three pixels to a px'),
  {
    id: 'overlay-js',
    file: 'overlay.js',
    mediaType: 'text/javascript',
    title: 'The grid over a running page',
    isOf: 'running pages, as a tag or bookmark: measures and lists what’s off the grid',
    inEditions: true,
    writer: 5,
    write: overlayJs,
  },
  {
    id: 'page-html',
    file: 'page.html',
    mediaType: 'text/html',
    title: 'The reading page',
    isOf: 'reading without the application: one file, no script',
    inEditions: true,
    writer: 4,
    write: pageHtml,
  },
  {
    id: 'page-pdf',
    file: 'page.pdf',
    mediaType: 'application/pdf',
    title: 'The reading page as PDF',
    isOf: 'reading, printing and the wall: A4 across, fonts embedded',
    inEditions: true,
    writer: 5,
    becomes: 'pdf',
    write: (spec, origin) => JSON.stringify(pageContent(spec, origin)),
  },
  {
    id: 'sweep-csv',
    file: 'sweep.csv',
    mediaType: 'text/csv',
    title: 'Every viewport width',
    isOf: 'spreadsheets',
    inEditions: false,
    writer: 1,
    write: (spec) => sweepCsv(spec, NARROWEST_SWEPT, WIDEST_SWEPT),
  },
];

/** A file of a format: of the whole spec, or of one of its breakpoints. */
export type FormatFile = { name: string; format: Format; write: (origin: Origin) => string };

/** The files that a format has of a spec. */
export function filesOf(format: Format, spec: Spec): FormatFile[] {
  const isFor = (breakpoint?: Breakpoint): boolean => format.isFor?.(spec, breakpoint) ?? true;
  if (!format.file.includes('*'))
    return isFor() ? [{ name: format.file, format, write: (origin) => format.write(spec, origin) }] : [];
  return byWidth(spec.breakpoints)
    .filter(isFor)
    .flatMap((breakpoint) => {
      const file = (of: Spec, id: string): FormatFile => {
        const own = of.breakpoints.find((each) => each.id === breakpoint.id)!;
        return { name: format.file.replace('*', id), format, write: (origin) => format.write(of, origin, own) };
      };
      const grids = format.isOfGrids ? (spec.grids ?? []) : [];
      const giving = grids.filter((grid) => givenParts(grid, breakpoint.id).length > 0);
      return [
        file(spec, breakpoint.id),
        ...giving.map((grid) =>
          file({ ...specOfGrid(spec, grid), name: `${spec.name}, ${grid.name}` }, `${breakpoint.id}.${grid.id}`),
        ),
      ];
    });
}

/** The files of an edition of a spec. */
export function editionFiles(spec: Spec): FormatFile[] {
  return FORMATS.filter(({ inEditions }) => inEditions).flatMap((format) => filesOf(format, spec));
}

/** All files of an edition in one; put together when they are there. */
export const ARCHIVE = {
  file: 'everything.zip',
  mediaType: 'application/zip',
  isOf: 'archives: all files in one',
  writer: 1,
};

/** The format that wrote a file of an edition, by its name. */
export function formatOf(name: string): Format | undefined {
  return FORMATS.find(({ file }) => {
    const [before, after] = file.split('*');
    if (after === undefined) return name === file;
    return name.startsWith(before!) && name.endsWith(after) && ID.test(name.slice(before!.length, -after.length));
  });
}

/** The id of a breakpoint, and that of one of its grids. */
const ID = /^[a-z0-9-]+(\.[a-z0-9-]+)?$/;

/** What a file of an edition is called when it is saved: after its edition, unless another file names it. */
export function savedName(spec: string, version: string, name: string): string {
  return formatOf(name)?.isLinked ? name : `${spec}-${version}.${name}`;
}

function hasLayouts({ layouts }: Spec): boolean {
  return layouts.length > 0;
}

/** A picture of more pixels than this is left out: three pixels to a px are of phones and tablets, and no desk has a screen of so many. */
const MOST_PIXELS = 12_000_000;

function overlayPng(density: number, file: string, title: string): Format {
  return {
    id: density === 1 ? 'overlay-png' : `overlay-png-${density}x`,
    file,
    mediaType: 'image/png',
    title,
    isOf: 'any painting program: columns, rows and baselines on whole pixels, transparent',
    inEditions: true,
    writer: 3,
    becomes: 'png',
    isOfGrids: true,
    isFor: (_, breakpoint) => {
      const [width, height] = pixelSize(breakpoint!, density);
      return width * height <= MOST_PIXELS;
    },
    write: (spec, _origin, breakpoint) => overlayPixels(spec, breakpoint!, density),
  };
}

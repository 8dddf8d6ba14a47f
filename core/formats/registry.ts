import { canonicalJson } from '../edition/canonical';
import type { Parsed } from '../length/parsed';
import { readSpecText } from '../document/read';
import type { Spec } from '../spec/schema';
import { NARROWEST_SWEPT, WIDEST_SWEPT } from '../sweep/sweep';
import { gridCss, type Origin } from './grid-css/grid-css';
import { layoutCss } from './layout/layout-css';
import { layoutHtml } from './layout/layout-html';
import { sweepCsv } from './sweep-csv';
import { valuesJson } from './values-json';

/** A form in which a specification leaves, or comes in. */
export type Format = {
  id: string;
  /** Its name behind that of the edition: `passenger-site-1.0.0.grid.css`. */
  file: string;
  mediaType: string;
  title: string;
  /** Is it one of an edition's files, which are written once, when it is published? */
  inEditions: boolean;
  /** Rises when the same document comes out otherwise; kept with each written file. */
  writer: number;
  /** Is there something to write of a spec? By default of any. */
  isFor?: (spec: Spec) => boolean;
  /** One of its files names another: both keep their names wherever they are put. */
  isLinked?: true;
  write: (spec: Spec, origin: Origin) => string;
  read?: (text: string) => Parsed<Spec>;
};

/** Every format: what is published, served, downloaded and read is looked up here. */
export const FORMATS: readonly Format[] = [
  {
    id: 'grid-css',
    file: 'grid.css',
    mediaType: 'text/css',
    title: 'Style sheet',
    inEditions: true,
    writer: 1,
    write: gridCss,
  },
  {
    id: 'spec-json',
    file: 'spec.json',
    mediaType: 'application/json',
    title: 'The document itself',
    inEditions: true,
    writer: 1,
    write: canonicalJson,
    read: readSpecText,
  },
  {
    id: 'values-json',
    file: 'values.json',
    mediaType: 'application/json',
    title: 'What follows from it, exact',
    inEditions: true,
    writer: 1,
    write: valuesJson,
  },
  {
    id: 'layout-css',
    file: 'layout.css',
    mediaType: 'text/css',
    title: 'Style sheet of the layouts',
    inEditions: true,
    writer: 1,
    isFor: hasLayouts,
    isLinked: true,
    write: layoutCss,
  },
  {
    id: 'layout-html',
    file: 'layout.html',
    mediaType: 'text/html',
    title: 'The layouts as a page',
    inEditions: true,
    writer: 1,
    isFor: hasLayouts,
    isLinked: true,
    write: (spec) => layoutHtml(spec),
  },
  {
    id: 'sweep-csv',
    file: 'sweep.csv',
    mediaType: 'text/csv',
    title: 'Every viewport width',
    inEditions: false,
    writer: 1,
    write: (spec) => sweepCsv(spec, NARROWEST_SWEPT, WIDEST_SWEPT),
  },
];

/** The files of an edition of a spec. */
export function editionFormats(spec: Spec): Format[] {
  return FORMATS.filter(({ inEditions, isFor }) => inEditions && (isFor?.(spec) ?? true));
}

function hasLayouts({ layouts }: Spec): boolean {
  return layouts.length > 0;
}

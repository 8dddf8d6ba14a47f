import { posix } from 'node:path';
import { canonicalJson } from '../../core/edition/canonical';
import { filesOf, type Format, FORMATS } from '../../core/formats/registry';
import type { Origin } from '../../core/formats/grid-css/grid-css';
import { gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import { overlaySvg } from '../../core/formats/overlay/overlay-svg';
import type { Spec } from '../../core/spec/schema';
import { type Command, directionIn, ofGrid, readArguments, readDocument, Unusable, wholeNumber } from '../command';
import { LOCK_FILE, type Locked, readLock } from '../lock-file';
import { GRID_CSS_OPTIONS, gridCssOptions } from '../grid-css-options';
import { digestOf } from '../sha256';

const USAGE =
  'export FILE --format NAME [--breakpoint ID] [--height PX] [--direction rtl] [--grid ID] [--prefix NAME] [--layer NAME] [--gutters FORM] [--media SYNTAX] [--bom] [--to PATH]';

/** The formats that a document alone is written in; pictures and PDFs are made by the application. */
const WRITTEN = FORMATS.filter(({ becomes }) => !becomes)
  .map(({ id }) => id)
  .join(', ');

/** One of the forms in which a document leaves, as it would be published; to standard output or a file. */
export const exportCommand: Command = {
  usage: USAGE,
  says:
    'Writes a document in one of its formats, to standard output or a file.\n\n  --format NAME    one of the formats below\n  --breakpoint ID  for overlays: which breakpoint\n  --height PX      for overlay-svg: how high\n  --direction rtl  for overlay-svg: counted from the right, as pages are that are read from there\n  --grid ID        for overlay-svg: a grid beside the main one\n  --prefix NAME, --layer NAME, --gutters FORM, --media SYNTAX\n                   for grid-css: how it is written\n  --bom            for CSV: with a byte order mark\n  --to PATH        write a file instead\n\nFormats: ' +
    WRITTEN,
  run(args, read) {
    const text = { type: 'string' as const };
    const options = {
      format: text,
      breakpoint: text,
      height: text,
      direction: text,
      grid: text,
      to: text,
      bom: { type: 'boolean' as const },
      ...GRID_CSS_OPTIONS,
    };
    const { values, file } = readArguments(args, USAGE, options, 1);
    const format = FORMATS.find(({ id, file: name }) => [id, name].includes(String(values['format'])));
    if (!format)
      throw new Unusable(
        `--format is ${values['format'] === undefined ? 'missing' : `“${values['format']}”`}. Use one of ${WRITTEN}`,
      );
    if (format.becomes)
      throw new Unusable(`${format.id} is created by the application. Pull it from an edition’s address`);
    const spec = readDocument(file, read);
    const origin = originOf(spec, file, read);
    const written = textOf(spec, origin, format, values, wholeNumber(values, 'height', { least: 1, most: 100_000 }));
    if (values['bom'] && format.mediaType !== 'text/csv') throw new Unusable('--bom is only for CSV. Leave it out');
    // by the mark spreadsheets of some systems know UTF-8
    const marked = values['bom'] ? `\ufeff${written}` : written;
    const to = values['to'];
    if (typeof to !== 'string') return { text: marked.replace(/\n$/, ''), status: 0 };
    return { files: [{ path: to, text: marked }], status: 0 };
  },
};

type Values = Record<string, string | boolean | undefined>;

function textOf(spec: Spec, origin: Origin, format: Format, values: Values, height: number | undefined): string {
  const { id } = format;
  const files = filesOf(format, spec);
  if (files.length === 0) throw new Unusable(`this document has nothing to export as ${id}`);
  const breakpoint = values['breakpoint'];
  const ids = spec.breakpoints.map((own) => own.id);
  const isOfEach = format.file.includes('*');
  if (breakpoint !== undefined && !isOfEach)
    throw new Unusable(`${id} covers the whole document. Leave out --breakpoint`);
  if (isOfEach && (breakpoint === undefined || !ids.includes(String(breakpoint))))
    throw new Unusable(
      `--breakpoint is ${breakpoint === undefined ? 'missing' : `“${breakpoint}”`}. Use one of ${ids.join(', ')}`,
    );
  const direction = directionIn(values);
  const { grid } = values;
  for (const [name, value] of [
    ['height', height],
    ['direction', direction],
    ['grid', grid],
  ] as const)
    if (value !== undefined && id !== 'overlay-svg')
      throw new Unusable(`--${name} is only for overlay-svg. Leave it out`);
  if (height !== undefined || direction !== undefined || grid !== undefined) {
    const of = ofGrid(spec, grid);
    const drawn = of.breakpoints.find((own) => own.id === breakpoint)!;
    return overlaySvg(of, drawn, { height, direction: direction ?? 'ltr' });
  }
  const written = withOptions(spec, origin, id, values);
  if (written !== null) return written;
  const name = isOfEach ? format.file.replace('*', String(breakpoint)) : format.file;
  return files.find((own) => own.name === name)!.write(origin);
}

/** Which edition a document is, where the lock file beside has it, byte for byte; otherwise it is a draft. */
function originOf(spec: Spec, file: string, read: (file: string) => string): Origin {
  const sha256 = digestOf(canonicalJson(spec));
  const locked = file === '-' ? undefined : lockedAt(posix.normalize(file), read);
  return locked?.name === 'spec.json' && locked.sha256 === sha256 && locked.published !== undefined
    ? { version: locked.version, published: locked.published, sha256 }
    : { version: 'draft', published: 'not yet', sha256 };
}

function lockedAt(path: string, read: (file: string) => string): Locked | undefined {
  try {
    return readLock(read(LOCK_FILE)).value?.files[path];
  } catch {
    return undefined;
  }
}

/** `grid.css` written otherwise; null where no option asks for it. */
function withOptions(spec: Spec, origin: Origin, id: string, values: Values): string | null {
  const asked = gridCssOptions(values);
  if (!asked) return null;
  if (id !== 'grid-css') throw new Unusable(`--${asked.said} is only for grid-css. Leave it out`);
  const { value, problem } = gridCssWith(spec, origin, asked.options);
  if (value === undefined) throw new Unusable(problem);
  return value;
}

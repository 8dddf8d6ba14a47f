import { readdirSync, readFileSync } from 'node:fs';
import { readSpecText } from '../../../core/document/read';
import type { Spec } from '../../../core/spec/schema';

const VERSION_2 = new URL('./version-2/', import.meta.url);
const FOLDER = new URL('./version-1/', import.meta.url);

/** Documents of version 1 as their texts, with everything that they could say. They are never changed. */
export const KEPT_TEXTS = readdirSync(FOLDER).map((file) => ({
  file,
  text: readFileSync(new URL(file, FOLDER), 'utf8'),
}));

/** The same, read. */
export const KEPT: [string, Spec][] = KEPT_TEXTS.map(({ file, text }) => [file, readSpecText(text).value!]);

/**
 * Documents of version 2 with layouts, and where that version drew their blocks at each design width: x, y, width, height and
 * columns, by the ids of layout, breakpoint and block. Written by the program of then, and never changed.
 */
export const DRAWN_IN_VERSION_2 = readdirSync(VERSION_2).map((file) => {
  const { spec, drawn } = JSON.parse(readFileSync(new URL(file, VERSION_2), 'utf8')) as {
    spec: object;
    drawn: Record<string, Record<string, Record<string, string[]>>>;
  };
  return { file, document: spec, drawn };
});

/** Documents of later versions, as the program of then wrote them. They are never changed. */
export const KEPT_LATER = [3, 4].flatMap((version) => {
  const folder = new URL(`./version-${version}/`, import.meta.url);
  return readdirSync(folder).map((file) => ({
    version,
    file,
    document: JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as object,
  }));
});

import { readdirSync, readFileSync } from 'node:fs';
import { readSpecText } from '../../../core/document/read';
import type { Spec } from '../../../core/spec/schema';

const FOLDER = new URL('./version-1/', import.meta.url);

/** Documents of version 1 as their texts, with everything that they could say. They are never changed. */
export const KEPT_TEXTS = readdirSync(FOLDER).map((file) => ({
  file,
  text: readFileSync(new URL(file, FOLDER), 'utf8'),
}));

/** The same, read. */
export const KEPT: [string, Spec][] = KEPT_TEXTS.map(({ file, text }) => [file, readSpecText(text).value!]);

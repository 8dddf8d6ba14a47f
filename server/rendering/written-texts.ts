import { editionFiles } from '../../core/formats/registry';
import type { Spec } from '../../core/spec/schema';

/** What an edition is called in its files. */
export type Origin = { version: string; published: string; sha256: string };

/** Every file of an edition as its format writes it: as it is kept, or what a picture or a PDF is made of. */
export function writtenTexts(document: Spec, origin: Origin): { name: string; text: string }[] {
  return editionFiles(document).map(({ name, write }) => ({ name, text: write(origin) }));
}

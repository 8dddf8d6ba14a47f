import { editionFiles } from '../../core/formats/registry';
import type { Origin } from '../../core/formats/grid-css/grid-css';
import type { Spec } from '../../core/spec/schema';

export type { Origin };

/** Every file of an edition as its format writes it: as it is kept, or what a picture or a PDF is made of. */
export function writtenTexts(document: Spec, origin: Origin): { name: string; text: string }[] {
  return editionFiles(document).map(({ name, write }) => ({ name, text: write(origin) }));
}

import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';

/** Where the file of a shipped font lies, as its package has it. */
export function shippedPath(id: string): string {
  return join(process.cwd(), 'node_modules/@fontsource', id, 'files', `${id}-latin-400-normal.woff2`);
}

/** The file of a font that ships with the application, or null where there is none of that name. */
export async function shippedFile(id: string): Promise<Buffer | null> {
  return SHIPPED_FONTS.some((shipped) => shipped.id === id) ? readFile(shippedPath(id)) : null;
}

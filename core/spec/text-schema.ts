import * as z from 'zod';

/** Zod schemas of the texts in a document. */

/** Characters that no text of a person holds and no database keeps: control characters but tab and new line. */
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/** A text that any database and any file can hold. */
export function plainText(most: number, needed?: string) {
  return z
    .string()
    .min(needed ? 1 : 0, needed)
    .max(most, `This text has at most ${most.toLocaleString('en')} characters.`)
    .refine((text) => !CONTROL.test(text), { message: 'This text contains a control character. Remove it.' })
    .refine(isWellFormed, { message: 'This text contains half a character. Enter it again.' });
}

/** Can any database and any file hold this text? */
export function isPlainText(text: string): boolean {
  return !CONTROL.test(text) && isWellFormed(text);
}

/** Is every surrogate one of a pair? A lone one is half of a character. */
function isWellFormed(text: string): boolean {
  return !/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(text);
}

/** A name from which class names and keys are made. */
export function idText(message: string) {
  return z
    .string()
    .regex(/^[a-z][a-z0-9-]{0,39}$/, message)
    .refine((id) => !(id in {}), { message: 'This name is reserved. Choose another.' });
}

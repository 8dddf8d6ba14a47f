/**
 * What is wrong with a file that was read as text and is none; null where it may be one.
 *
 * @param thing what it should be: `style sheet`
 * @param it how the sentence goes on about it: `the style sheet`
 */
export function whyNotText(text: string, thing: string, it: string): string | null {
  if (text.trim() === '') return `This ${thing} is empty.`;
  if (text.startsWith('PK\u0003\u0004')) return `This is a zip archive. Extract the ${thing}s first.`;
  // what is no UTF-8 holds NULs, or begins with signs that stand for bytes that are none
  if (/\0/.test(text.slice(0, 4000)) || text.startsWith('\ufffd\ufffd'))
    return `This isn’t UTF-8 text. Save ${it} as UTF-8.`;
  return null;
}

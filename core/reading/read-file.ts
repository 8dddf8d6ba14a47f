import { readSpecText } from '../document/read';
import type { Parsed } from '../parsed';
import { measureOf } from '../spec/measure';
import { whyNotText } from '../text/why-not-text';
import { readCss } from './read-css';
import { readTable } from './read-table';
import { readTokens } from './read-tokens';
import type { Reading } from './reading';

/**
 * What a file says of grids: a document, design tokens, a style sheet or a table, told by what is in it. Nothing is taken, and nothing is fetched.
 *
 *     readFile('site.css', text).value.document.breakpoints   // as many as the style sheet has ranges
 */
export function readFile(name: string, text: string): Parsed<Reading> {
  const notText = whyNotText(text, 'file', 'it');
  if (notText) return { problem: `${name}: ${notText}` };
  const begin = text.replace(/^\ufeff/, '').trimStart();
  const reading = /^[[{]/.test(begin)
    ? readJson(begin)
    : /\.css$/i.test(name) || /\{/.test(begin.slice(0, 20_000))
      ? readCss([{ name, text }])
      : readTable(text);
  return reading.value ? reading : { problem: `${name}: ${reading.problem}` };
}

/** A document of a specification, or tokens. */
function readJson(text: string): Parsed<Reading> {
  if (!/"ypsiline"\s*:/.test(text.slice(0, 1_000_000))) return readTokens(text);
  const { value: document, problem } = readSpecText(text);
  if (!document) return { problem: problem! };
  const parts = Object.fromEntries(
    document.breakpoints.map(({ id, rows, baseline }) => [
      id,
      ['columns' as const, ...(rows ? ['rows' as const] : []), ...(baseline ? ['baseline' as const] : [])],
    ]),
  );
  return { value: { title: 'Document', document, parts, measure: measureOf(document), spacing: true, unread: [] } };
}

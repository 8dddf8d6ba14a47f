import type { Holds } from './schema';

/** Every kind of thing that a block holds, by the key that tells it in a document. */
export const BLOCK_KINDS = [
  'text',
  'picture',
  'card',
  'area',
  'button',
  'field',
  'list',
  'quote',
  'logo',
  'table',
] as const;
export type Kind = (typeof BLOCK_KINDS)[number];

/** What holds one kind of thing: `HoldsOf<'button'>`. */
export type HoldsOf<K extends Kind> = K extends Kind ? Extract<Holds, Record<K, unknown>> : never;

/** What a block holds is told by the key of it. */
export function kindOf(holds: Holds): Kind {
  return BLOCK_KINDS.find((kind) => kind in holds)!;
}

/** The text style in which something is set, where it is; that of a quote's words. */
export function mainStyle(holds: Holds): string | null {
  if ('text' in holds) return holds.text;
  if ('button' in holds) return holds.button;
  if ('field' in holds) return holds.field;
  if ('list' in holds) return holds.list;
  if ('quote' in holds) return holds.quote;
  return 'table' in holds ? holds.table : null;
}

/** Every text style in which it is set, what is inside a card not counted. */
export function stylesOf(holds: Holds): string[] {
  const main = mainStyle(holds);
  if (main === null) return [];
  return 'quote' in holds ? [main, holds.by] : [main];
}

/** The same, set in other styles. */
export function restyled(holds: Holds, other: (style: string) => string): Holds {
  if ('text' in holds) return { ...holds, text: other(holds.text) };
  if ('button' in holds) return { ...holds, button: other(holds.button) };
  if ('field' in holds) return { ...holds, field: other(holds.field) };
  if ('list' in holds) return { ...holds, list: other(holds.list) };
  if ('quote' in holds) return { ...holds, quote: other(holds.quote), by: other(holds.by) };
  return 'table' in holds ? { ...holds, table: other(holds.table) } : holds;
}

/** What holds words that are typed where they stand. */
export type Worded = HoldsOf<'text' | 'button' | 'field' | 'quote'>;

/** Are there words in it that are typed where they stand? Those of a list and a table are several. */
export function isWorded(holds: Holds): holds is Worded {
  return 'words' in holds;
}

/** Does it begin with a line of text at its very top, so that this can stand on a line of the grid? */
export function beginsWithLine(holds: Holds): boolean {
  return 'text' in holds || 'list' in holds || 'quote' in holds;
}

/** Is its text trimmed to what stands on the grid? In boxes of their own, lines keep their whole height. */
export function isTrimmable(holds: Holds): boolean {
  return !('field' in holds || 'table' in holds);
}

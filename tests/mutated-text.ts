import type { Random } from './browser/model/random';

/** A text with pieces cut out, swapped, put into each other or repeated: half of a file, a file within a file. */
export function mutatedText(text: string, random: Random): string {
  let changed = text;
  for (let change = random.whole(1, 4); change > 0; change--) {
    const [from, to] = [random.whole(0, changed.length), random.whole(0, changed.length)].sort((a, b) => a - b) as [
      number,
      number,
    ];
    const piece = changed.slice(from, Math.min(to, from + random.whole(1, 400)));
    const at = random.whole(0, changed.length);
    switch (random.whole(0, 6)) {
      case 0:
        changed = changed.slice(0, from) + changed.slice(from + piece.length);
        break;
      case 1:
        changed = changed.slice(0, at) + piece + changed.slice(at);
        break;
      case 2:
        changed = changed.slice(0, at) + piece.repeat(random.whole(2, 60)) + changed.slice(at);
        break;
      case 3:
        changed = changed.slice(0, from);
        break;
      case 4: {
        const [open, close] = random.oneOf(BRACKETS);
        changed =
          changed.slice(0, from) + open.repeat(random.whole(1, 300)) + piece + close.repeat(random.whole(0, 300));
        break;
      }
      case 5:
        changed = changed.slice(0, at) + random.oneOf(STRANGE) + changed.slice(at);
        break;
      default:
        changed = changed.replaceAll(random.oneOf(['px', '1', ':', ';', ',', '"', '{', '0']), random.oneOf(STRANGE));
    }
    changed = changed.slice(0, 200_000);
  }
  return changed;
}

const BRACKETS = [
  ['{', '}'],
  ['(', ')'],
  ['[', ']'],
  ['calc(', ')'],
  ['@media (width > 1px) {', '}'],
  ['{"a":', '}'],
  [':not(', ')'],
] as const;

const STRANGE = [
  '',
  '\u0000',
  '\ufeff',
  '\ud800',
  '"',
  "'",
  '/*',
  '*/',
  '\\',
  '-',
  'e999',
  '99999999999999999999',
  '%',
  'fr',
  'auto',
  '\n',
  '=',
  '{a.b}',
  '&',
  '<!--',
];

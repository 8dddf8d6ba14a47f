/** What can be found on a page: where it stands, what it is called, what it says. */
export type Findable = { where: string; names: readonly string[]; value: string };

/**
 * What has every word that is sought, in any order, the best first: a word as it stands counts more than the beginning of one, names
 * more than values, and what is sought as one phrase most. Numbers are found whole: 5 is not in 15.
 *
 *     bestMatches(all, 'desktop gutter')[0]   // { where: "Exact values", names: ["Gutter", "Desktop"], value: "24" }
 */
export function bestMatches<T extends Findable>(all: readonly T[], sought: string, most: number): T[] {
  const words = wordsOf(sought);
  if (words.length === 0) return [];
  const phrase = words.join(' ');
  return all
    .map((item, place) => ({ item, place, score: scoreOf(item, words, phrase) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score || a.place - b.place)
    .slice(0, most)
    .map(({ item }) => item);
}

/** 0 where a word is missing. */
function scoreOf({ where, names, value }: Findable, words: readonly string[], phrase: string): number {
  const [inNames, inValue, inWhere] = [names.flatMap(wordsOf), wordsOf(value), wordsOf(where)];
  let score = 0;
  for (const word of words) {
    const best = Math.max(within(inNames, word) * 4, within(inValue, word) * 3, within(inWhere, word) * 2);
    if (best === 0) return 0;
    score += best;
  }
  const isPhrase = names.some((name) => wordsOf(name).join(' ') === phrase) || inValue.join(' ') === phrase;
  // what begins with a name is where it is said what it is
  const isFirst = inNames[0] === words[0] || inValue[0] === words[0];
  // of two that have all words, the one that says less beside them
  return score + (isPhrase ? 20 : 0) + (isFirst ? 2 : 0) + 1 / (1 + inNames.length + inValue.length);
}

/** 3 for a word as it stands, 2 for its beginning, 1 for a part of it. */
function within(words: readonly string[], word: string): number {
  if (words.includes(word)) return 3;
  if (/\d/.test(word) && !/[a-z-]/.test(word)) return 0;
  if (words.some((each) => each.startsWith(word))) return 2;
  return words.some((each) => each.includes(word)) ? 1 : 0;
}

/** Words in small letters; numbers with their fractions, names of CSS with their dashes and dots. */
function wordsOf(text: string): string[] {
  return (
    text.toLowerCase().match(/--[\w-]+|\.[a-z][\w-]*|\d[\d.,]*[½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚]?|[\p{L}][\p{L}\d-]*|[½⅓⅔¼¾⅛⅜⅝⅞%]/gu) ??
    []
  );
}

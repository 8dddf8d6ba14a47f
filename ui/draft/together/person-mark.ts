/** How many colours there are for people (`together.module.scss`). */
const INKS = 8;

/** The colour of a person: the same in every window. */
export function personInk(person: string): number {
  return Number(BigInt(person) % BigInt(INKS));
}

/** The initials of a name, two at most. */
export function initialsOf(name: string): string {
  const words = name.trim().split(/\s+/);
  const letters = [words[0], words.length > 1 ? words.at(-1) : undefined].map(
    (word) => Array.from(word ?? '')[0] ?? '',
  );
  return letters.join('').toUpperCase();
}

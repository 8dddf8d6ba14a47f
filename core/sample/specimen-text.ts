/** English text of common letters, in which text styles are shown. */
export const SPECIMEN_TEXT = 'Forty sailings a day, between seven islands. Cross the sound by quarter past.';

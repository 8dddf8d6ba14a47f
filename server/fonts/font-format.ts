/** The kinds of font file that are kept. */
export type FontFormat = 'ttf' | 'otf' | 'woff' | 'woff2';

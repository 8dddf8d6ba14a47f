/** In which direction a page is read: its start is at the left, or at the right. */
export type Direction = 'ltr' | 'rtl';

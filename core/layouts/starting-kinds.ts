/** What a layout can begin with. */
export const STARTING_LAYOUTS = [
  { id: 'front', title: 'Front page', says: 'A full-screen opening, then three cards.' },
  { id: 'article', title: 'Article', says: 'A heading, a picture and text to read.' },
  {
    id: 'cards',
    title: 'List of cards',
    says: 'A heading and six cards, in as many columns as the grid divides into.',
  },
  { id: 'form', title: 'Form', says: 'Fields stacked over a button, with a note next to them where there’s space.' },
  { id: 'dashboard', title: 'Dashboard', says: 'Figures in a row, a chart beside a list, and a table.' },
  { id: 'shop', title: 'Shop', says: 'Six products with picture, name and price, and a button for more.' },
  { id: 'email', title: 'E-mail', says: 'Logo, heading, picture, text and a button, one under the other.' },
  { id: 'board', title: 'Board', says: 'A table as tall as the screen, on a dark ground.' },
  { id: 'empty', title: 'Empty page', says: 'One empty section.' },
] as const;
export type StartingLayout = (typeof STARTING_LAYOUTS)[number]['id'];

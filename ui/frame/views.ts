/** The views of a specification, in the order of the bar: what each answers, and the letter that goes there with Alt + Shift. */
export const VIEWS = [
  {
    id: 'bench',
    title: 'Bench',
    path: '',
    key: 'B',
    says: 'Every breakpoint’s grid, in numbers and drawn. Does it add up?',
  },
  {
    id: 'finder',
    title: 'Finder',
    path: '/finder',
    key: 'F',
    says: 'Column counts, gutters and margins that give whole pixels.',
  },
  {
    id: 'sweep',
    title: 'Sweep',
    path: '/sweep',
    key: 'S',
    says: 'The grid at every width: where it jumps, breaks or goes off whole pixels.',
  },
  {
    id: 'type',
    title: 'Type rhythm',
    path: '/type',
    key: 'T',
    says: 'Do lines of text and the space around them stay on the baseline grid?',
  },
  {
    id: 'layouts',
    title: 'Layouts',
    path: '/layouts',
    key: 'L',
    says: 'Pages on your grid, at every width, with the size of every block.',
  },
  {
    id: 'survey',
    title: 'Survey',
    path: '/survey',
    key: 'V',
    says: 'Find the grid behind screenshots, and what’s off it.',
  },
  {
    id: 'rules',
    title: 'Rules',
    path: '/rules',
    key: 'R',
    says: 'What’s checked, how strictly, and what’s waived.',
  },
  {
    id: 'editions',
    title: 'Editions',
    path: '/editions',
    key: 'E',
    says: 'Published versions, for everyone who builds.',
  },
] as const;

export type View = (typeof VIEWS)[number]['id'];

/** The view of a draft at an address, which is that of its team and its own, and then the view’s, whatever these are called. */
export function viewAt(pathname: string): View {
  const [, , ...view] = pathname.split('/').filter(Boolean);
  return VIEWS.find(({ path }) => path !== '' && path === `/${view[0] ?? ''}`)?.id ?? 'bench';
}

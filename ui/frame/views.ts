/** The views of a specification, in the order of the bar: what each answers, and the letter that goes there with Alt + Shift. */
export const VIEWS = [
  {
    id: 'bench',
    title: 'Bench',
    path: '',
    key: 'B',
    says: 'The grid of every breakpoint in numbers and drawn, and whether its sums come out.',
  },
  {
    id: 'finder',
    title: 'Finder',
    path: '/finder',
    key: 'F',
    says: 'Which column counts, gutters and margins come out in whole px under your conditions.',
  },
  {
    id: 'sweep',
    title: 'Sweep',
    path: '/sweep',
    key: 'S',
    says: 'What the grid becomes at every width, and where it leaps, breaks or stops being whole.',
  },
  {
    id: 'type',
    title: 'Type rhythm',
    path: '/type',
    key: 'T',
    says: 'Whether lines of text, with the spaces around them, stay on the baseline grid.',
  },
  {
    id: 'layouts',
    title: 'Layouts',
    path: '/layouts',
    key: 'L',
    says: 'Whether a page works on the grid at every width, and what each piece of it measures.',
  },
  {
    id: 'survey',
    title: 'Survey',
    path: '/survey',
    key: 'V',
    says: 'Which grid a screen was drawn on, and what on other screens is off it.',
  },
  {
    id: 'rules',
    title: 'Rules',
    path: '/rules',
    key: 'R',
    says: 'What is checked, how much it weighs, and what was waived.',
  },
  { id: 'editions', title: 'Editions', path: '/editions', key: 'E', says: 'What was published, for those who build.' },
] as const;

export type View = (typeof VIEWS)[number]['id'];

/** The view of a draft at an address, which is that of its team and its own, and then the view’s, whatever these are called. */
export function viewAt(pathname: string): View {
  const [, , ...view] = pathname.split('/').filter(Boolean);
  return VIEWS.find(({ path }) => path !== '' && path === `/${view[0] ?? ''}`)?.id ?? 'bench';
}

/** The views of a specification, in the order of the bar. */
export const VIEWS = [
  { id: 'bench', title: 'Bench', path: '' },
  { id: 'finder', title: 'Finder', path: '/finder' },
  { id: 'sweep', title: 'Sweep', path: '/sweep' },
  { id: 'type', title: 'Type rhythm', path: '/type' },
  { id: 'rules', title: 'Rules', path: '/rules' },
  { id: 'editions', title: 'Editions', path: '/editions' },
] as const;

export type View = (typeof VIEWS)[number]['id'];

/** The view of a draft at an address. */
export function viewAt(pathname: string): View {
  const last = pathname.split('/').at(-1);
  return VIEWS.find(({ id }) => id === last)?.id ?? 'bench';
}

import type { TeamAccess } from '../server/access/access';
import { type Action, mayDo } from '../server/access/permissions';
import type { Person } from '../server/sign-in/sessions';
import { TopBar } from '../ui/frame/top-bar';

/** The pages of a team, and what one must be allowed for each. */
const PAGES = [
  { id: 'specs', title: 'Specifications', path: (team: string) => `/${team}`, needs: 'read' },
  { id: 'people', title: 'People', path: (team: string) => `/people/${team}`, needs: 'read' },
  { id: 'sets', title: 'Starting sets', path: (team: string) => `/sets/${team}`, needs: 'read' },
  { id: 'keys', title: 'Keys and links', path: (team: string) => `/keys/${team}`, needs: 'share' },
  { id: 'hooks', title: 'Web hooks', path: (team: string) => `/hooks/${team}`, needs: 'share' },
  { id: 'log', title: 'Log', path: (team: string) => `/log/${team}`, needs: 'people' },
] as const satisfies { id: string; title: string; path: (team: string) => string; needs: Action }[];

export type TeamPage = (typeof PAGES)[number]['id'];

type Props = { person: Person; access: TeamAccess<'read'>; page: TeamPage };

/** The bar over a team's own pages: those that one may open. */
export function TeamBar({ person, access: { teamSlug, teamName, role }, page }: Props) {
  const tabs = PAGES.filter(({ needs }) => mayDo(role, needs)).map(({ id, title, path }) => ({
    title,
    href: path(teamSlug),
    isHere: id === page,
  }));
  return <TopBar person={person.name} place={{ team: { slug: teamSlug, name: teamName }, tabs }} />;
}

import type { Metadata } from 'next';
import { database } from '../../../../../server/database/database';
import { fontsOf } from '../../../../../server/fonts/team-fonts';
import { TypeRhythm } from '../../../../../ui/type/type-rhythm';
import { accessOfPage, signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Type rhythm' };

/** The text styles of a spec against its baselines. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  await signedInPerson(`/${team}/${slug}/type`);
  const access = await accessOfPage(team, slug, '/type');
  const fonts = await fontsOf(database(access), access);
  return <TypeRhythm team={team} teamFonts={fonts.map(({ font }) => font)} />;
}

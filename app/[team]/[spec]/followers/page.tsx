import type { Metadata } from 'next';
import { versionMeant } from '../../../../core/edition/version-meant';
import { changesOf } from '../../../../core/diff/difference';
import { leastBump } from '../../../../core/diff/differences';
import { publishedDifferences } from '../../../../core/diff/published-differences';
import { mayDo } from '../../../../server/access/permissions';
import { database } from '../../../../server/database/database';
import { editionsOf } from '../../../../server/editions/editions';
import { followersOf } from '../../../../server/editions/followers';
import { SpecStrip } from '../../../../ui/drawing/spec-strip';
import { FollowersPage } from '../../../../ui/followers/followers-page';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';
import { SpecHead } from '../../../spec-page';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Followers' };

/** Who builds on which edition, how far behind they are, and what the newest asks of them. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/followers`);
  const [spec, access] = [await specOfPage(team, slug, '/followers'), await accessOfPage(team, slug)];
  const db = database(access);
  const [followers, editions] = await Promise.all([followersOf(db, access), editionsOf(db, access)]);
  const standing = editions.map(({ version, withdrawn }) => ({ version, isWithdrawn: withdrawn !== null }));
  const latest = versionMeant(standing, 'latest');
  const newest = editions.find(({ version }) => version === latest) ?? null;
  // what the newest asks is worked out once for each edition that somebody builds on
  const asks = new Map(
    [...new Set(followers.map(({ version }) => version))].map((version) => {
      const own = editions.find((edition) => edition.version === version);
      if (!own?.document || !newest?.document) return [version, null] as const;
      const found = publishedDifferences(own.document, newest.document);
      const changes = changesOf(found).length;
      const drawing = changes > 0 && <SpecStrip spec={newest.document} before={own.document} />;
      return [version, { changes, breaks: leastBump(found) === 'major', drawing }] as const;
    }),
  );
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="followers" />
      <main id="content" className="page">
        <FollowersPage
          specId={spec.id}
          address={address}
          newest={newest?.version ?? null}
          versions={editions.map(({ version }) => version)}
          mayNote={mayDo(access.role, 'publish')}
          followers={followers.map(({ saidAt, ...follower }) => ({
            ...follower,
            saidAt: saidAt.toISOString(),
            asks: asks.get(follower.version) ?? null,
          }))}
        />
      </main>
    </>
  );
}

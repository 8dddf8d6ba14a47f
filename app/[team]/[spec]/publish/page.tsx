import type { Metadata } from 'next';
import { holdingBack, judge } from '../../../../core/checks/run';
import { sentenceOf } from '../../../../core/checks/sentence';
import { leastBump } from '../../../../core/diff/differences';
import type { Bump } from '../../../../core/quantities/quantity';
import { publishedDifferences } from '../../../../core/diff/published-differences';
import { database } from '../../../../server/database';
import { editionsOf, proposedVersion } from '../../../../server/editions';
import { SpecBar } from '../../../../ui/frame/spec-bar';
import { PublishPage } from '../../../../ui/publish/publish-page';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Publish' };

const BECAUSE: Record<Bump, string> = {
  major: 'A name that pages can write is gone, or a column count changed: built pages no longer mean what they did.',
  minor: 'Numbers changed, or something is new; every name in built pages still means what it did.',
  patch: 'Only words, reference sizes or waivers changed.',
};

function because(last: { version: string; document: unknown } | null, bump: Bump | null): string {
  if (!last) return 'The first edition is 1.0.0.';
  if (!last.document)
    return `The document of ${last.version} cannot be read any more, so that nothing can be compared.`;
  return BECAUSE[bump ?? 'patch'];
}

/** Publishing the draft as the next edition. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/publish`);
  const spec = await specOfPage(team, slug, '/publish');
  const { id, revision, document } = spec;
  const access = await accessOfPage(team, slug);
  const last = (await editionsOf(database(access), access))[0] ?? null;
  const found = last?.document ? publishedDifferences(last.document, document) : [];
  // what cannot be compared may have lost anything
  const bump = last && !last.document ? 'major' : leastBump(found);
  return (
    <>
      <SpecBar person={person.name} spec={spec} />
      <PublishPage
        address={address}
        person={person.name}
        spec={{ id, revision, document }}
        last={last?.version ?? null}
        proposed={proposedVersion(last?.version ?? null, bump)}
        because={because(last, bump)}
        differences={found}
        open={holdingBack(judge(document)).map((finding) => ({ finding, says: sentenceOf(finding) }))}
      />
    </>
  );
}

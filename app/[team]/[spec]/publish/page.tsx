import type { Metadata } from 'next';
import { after } from 'next/server';
import { holdingBack, judge } from '../../../../core/checks/run';
import { sentenceOf } from '../../../../core/checks/sentence';
import { may } from '../../../../server/access/access';
import { mayNot } from '../../../../server/access/permissions';
import { database } from '../../../../server/database/database';
import { editionsOf, proposedStep } from '../../../../server/editions/editions';
import { prepareFiles } from '../../../../server/editions/publish';
import { followersOf } from '../../../../server/editions/followers';
import { approvalsMissing } from '../../../../server/specs/reviews';
import { Comparison } from '../../../../ui/comparison/comparison';
import { noteOf } from '../../../../ui/publish/note-of';
import { MayNotPublish } from '../../../../ui/publish/may-not-publish';
import { PublishPage } from '../../../../ui/publish/publish-page';
import { accessOfPage, reviewOfPage, signedInPerson, specOfPage } from '../../../asker';
import { comparedWithLast } from '../../../compared';
import { SpecHead } from '../../../spec-page';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Publish' };

/** Publishing the draft as the next edition: everything that one looks at before. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/publish`);
  const [spec, access] = [await specOfPage(team, slug, '/publish'), await accessOfPage(team, slug)];
  const head = <SpecHead person={person} spec={spec} access={access} page={null} />;
  if (!may(access, 'publish'))
    return (
      <>
        {head}
        <MayNotPublish address={address} says={mayNot(access.role, 'publish')} />
      </>
    );
  const sql = database(access);
  const { id, revision, document } = spec;
  const [[last], followers, state] = await Promise.all([
    editionsOf(sql, access),
    followersOf(sql, access),
    reviewOfPage(access),
  ]);
  const step = proposedStep(last ?? null, document);
  // what takes long is made while the page is looked at; whoever publishes is told of what fails
  const note = noteOf(last?.version ?? null, step.differences);
  after(() => prepareFiles(document, step.version, note).catch(() => {}));
  const judged = judge(document).filter(({ waiver }) => !waiver);
  return (
    <>
      {head}
      <PublishPage
        address={address}
        person={person.name}
        spec={{ id, revision, document }}
        last={last?.version ?? null}
        proposed={step.version}
        because={step.because}
        isNew={last === undefined || last.document === null || step.differences.length > 0}
        note={note}
        open={holdingBack(judge(document)).map((finding) => ({ finding, says: sentenceOf(finding) }))}
        toWeigh={judged.filter(({ weight }) => weight === 'weigh').map(sentenceOf)}
        approvals={{
          missing: approvalsMissing(state),
          has: state.approvals,
          needed: state.needed,
          changesAsked: state.changesAsked,
        }}
        followers={followers.map(({ name, version, behind }) => ({ name, version, behind }))}
        breaks={step.bump === 'major'}
      >
        {last?.document ? (
          <Comparison
            address={address}
            compared={comparedWithLast({ version: last.version, document: last.document }, document, step.differences)}
          />
        ) : (
          <p>
            {last
              ? `The document of ${last.version} can’t be opened, so nothing can be compared.`
              : 'Nothing published before. Everything in the draft is new.'}
          </p>
        )}
      </PublishPage>
    </>
  );
}

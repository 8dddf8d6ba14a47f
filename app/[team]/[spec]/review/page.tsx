import type { Metadata } from 'next';
import { holdingBack, judge } from '../../../../core/checks/run';
import { sentenceOf } from '../../../../core/checks/sentence';
import { may } from '../../../../server/access/access';
import { approvalProblem } from '../../../../server/specs/reviews';
import { mayDo } from '../../../../server/access/permissions';
import { database } from '../../../../server/database/database';
import { editionsOf } from '../../../../server/editions/editions';
import { membersOf } from '../../../../server/team/people';
import { Comparison } from '../../../../ui/comparison/comparison';
import { ReviewPage } from '../../../../ui/review/review-page';
import { accessOfPage, openThreadsOfPage, reviewOfPage, signedInPerson, specOfPage } from '../../../asker';
import { comparedWithLast } from '../../../compared';
import { SpecHead } from '../../../spec-page';
import { wire } from '../../../wire';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Review' };

/** The review of a draft: what changed, what is found, what was said, and the answer. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/review`);
  const [spec, access] = [await specOfPage(team, slug, '/review'), await accessOfPage(team, slug)];
  const sql = database(access);
  const [state, [last], members, threads] = await Promise.all([
    reviewOfPage(access),
    editionsOf(sql, access),
    membersOf(sql, access),
    openThreadsOfPage(access),
  ]);
  const answering = may(access, 'review');
  const notApproving = answering && (await approvalProblem(sql, answering));
  const open = holdingBack(judge(spec.document));
  const { review } = state;
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="review" />
      <main id="content" className="page">
        <ReviewPage
          specId={spec.id}
          address={address}
          revision={spec.revision}
          may={{ ask: mayDo(access.role, 'ask-review'), answer: answering !== null }}
          notApproving={notApproving}
          self={person.id}
          needed={state.needed}
          approvals={state.approvals}
          review={wire(review)}
          reviewers={members
            .filter(({ id, role }) => id !== person.id && mayDo(role, 'review'))
            .map(({ id, name, role }) => ({ id, name, role }))}
          findings={open.map(sentenceOf)}
          threads={threads}
        >
          {last?.document ? (
            <Comparison
              address={address}
              compared={comparedWithLast({ version: last.version, document: last.document }, spec.document)}
            />
          ) : (
            <p>Nothing published before. Everything in the draft is new.</p>
          )}
        </ReviewPage>
      </main>
    </>
  );
}

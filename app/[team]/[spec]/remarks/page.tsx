import type { Metadata } from 'next';
import * as z from 'zod';
import { isThere } from '../../../../core/edits/is-there';
import { nameOfAddress } from '../../../../core/quantities/in-words';
import { database } from '../../../../server/database/database';
import { membersOf } from '../../../../server/team/people';
import { remarksOf } from '../../../../server/specs/remarks';
import { RemarksPage } from '../../../../ui/remarks/remarks-page';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';
import { SpecHead } from '../../../spec-page';
import { MOST, SAID } from '../../../../core/limits';
import { wire } from '../../../wire';

type Props = { params: Promise<{ team: string; spec: string }>; searchParams: Promise<Record<string, unknown>> };

/** What an address asks a new remark to be about; what makes no sense there is left aside. */
const subject = z.object({
  at: z
    .string()
    .max(2_000)
    .transform((text, context) => {
      try {
        return JSON.parse(text) as unknown;
      } catch {
        context.addIssue({ code: 'custom' });
        return z.NEVER;
      }
    })
    .pipe(z.array(z.string().max(MOST.addressKey)).max(MOST.addressDepth)),
  about: z.string().min(1).max(SAID.about),
});

export const metadata: Metadata = { title: 'Comments' };

/** What was said about a spec and its parts, in threads. */
export default async function Page({ params, searchParams }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/remarks`);
  const [spec, access] = [await specOfPage(team, slug, '/remarks'), await accessOfPage(team, slug)];
  const db = database(access);
  const asked = subject.safeParse(await searchParams);
  const [remarks, members] = await Promise.all([remarksOf(db, access), membersOf(db, access)]);
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="remarks" />
      <main id="content" className="page">
        <RemarksPage
          specId={spec.id}
          address={address}
          self={person.id}
          about={asked.success ? { at: asked.data.at, name: asked.data.about } : null}
          members={members.map(({ id, name }) => ({ id, name }))}
          remarks={wire(remarks).map(({ at, about, ...remark }) => {
            const there = isThere(spec.document, at);
            const now = there && at.length > 0 ? nameOfAddress(spec.document, at) : about;
            return { ...remark, at, about: now, isGone: !there };
          })}
        />
      </main>
    </>
  );
}

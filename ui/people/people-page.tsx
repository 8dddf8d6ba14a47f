'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import { Notice } from '../parts/notice';
import { Confirm } from '../parts/confirm';
import { PageHead } from '../parts/page-head';
import { ApprovalsField } from './approvals-field';
import { InviteDialog } from './invite-dialog';
import { Invitations } from './invitations';
import type { ListedInvitation, ListedLetter, ListedPerson, ListedRole } from './listed-person';
import { MadeLinkDialog } from './made-link-dialog';
import { MemberTable } from './member-table';
import { Outbox } from './outbox';
import { Button } from '../parts/button';

type Props = {
  team: { slug: string; name: string; approvals: number };
  self: string;
  members: readonly ListedPerson[];
  /** For owners; null for everybody else. */
  invitations: readonly ListedInvitation[] | null;
  outbox: readonly ListedLetter[] | null;
};

/** What is about to be done to somebody, and asked once more. */
type Asked = { what: 'remove' | 'hand-over' | 'leave'; person: ListedPerson } | null;

/** Who is in a team and as what. Owners invite, change roles, remove and hand over here; anybody leaves here. */
export function PeoplePage({ team, self, members, invitations, outbox }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [isInviting, setInviting] = useState(false);
  const [link, setLink] = useState<{ title: string; path: string } | null>(null);
  const [asked, setAsked] = useState<Asked>(null);
  const isOwner = invitations !== null;
  const base = `/api/teams/${team.slug}` as const;

  const done = (answer: { ok: true } | { ok: false; problem: string }): void => {
    setProblem(answer.ok ? null : answer.problem);
    setAsked(null);
    router.refresh();
  };
  const act = {
    role: async ({ id }: ListedPerson, role: ListedRole) => done(await send('PATCH', `${base}/people/${id}`, { role })),
    passwordLink: async ({ id, name }: ListedPerson) => {
      const answer = await send('POST', `${base}/people/${id}/password-link`);
      if (!answer.ok) return setProblem(answer.problem);
      setProblem(null);
      setLink({ title: `Password link for ${name}`, path: answer.body.path });
    },
    ask: (what: 'remove' | 'hand-over' | 'leave', person: ListedPerson) => setAsked({ what, person }),
    revoke: async (id: string) => done(await send('DELETE', `${base}/invitations/${id}`)),
  };
  const confirm = async ({ what, person }: NonNullable<Asked>): Promise<void> => {
    if (what === 'remove') return done(await send('DELETE', `${base}/people/${person.id}`));
    if (what === 'hand-over') return done(await send('POST', `${base}/hand-over`, { to: person.id }));
    const answer = await send('POST', `${base}/leave`);
    // whoever left is signed out
    if (answer.ok) window.location.assign('/sign-in');
    else done(answer);
  };
  const question = asked && QUESTIONS[asked.what](asked.person, team.name);

  return (
    <>
      <PageHead
        title="People"
        acts={
          isOwner && (
            <Button look="primary" onClick={() => setInviting(true)}>
              Invite…
            </Button>
          )
        }
      />
      {problem && <Notice of="problem">{problem}</Notice>}
      <MemberTable {...{ members, self, isOwner }} onRole={act.role} onLink={act.passwordLink} onAsk={act.ask} />
      <ApprovalsField team={team.slug} approvals={team.approvals} isOwner={isOwner} />
      {invitations && <Invitations invitations={invitations} onRevoke={act.revoke} />}
      {outbox && <Outbox letters={outbox} />}
      {isInviting && (
        <InviteDialog
          team={team.slug}
          onMade={(path) => {
            setInviting(false);
            setLink({ title: 'Invitation created', path });
          }}
          onClose={() => setInviting(false)}
        />
      )}
      {link && (
        <MadeLinkDialog
          {...link}
          onClose={() => {
            setLink(null);
            router.refresh();
          }}
        />
      )}
      {question && (
        <Confirm {...question} onYes={() => void confirm(asked)} onClose={() => setAsked(null)}>
          {question.says}
        </Confirm>
      )}
    </>
  );
}

const QUESTIONS = {
  remove: ({ name }: ListedPerson, team: string) => ({
    title: `Remove ${name}?`,
    yes: 'Remove',
    says: `${name} is signed out and loses access to ${team}. Their work stays, with their name on it.`,
  }),
  'hand-over': ({ name }: ListedPerson, team: string) => ({
    title: `Transfer ownership to ${name}?`,
    yes: 'Transfer',
    says: `${name} becomes an owner of ${team} and you become an author. Only an owner can undo this.`,
  }),
  leave: (_: ListedPerson, team: string) => ({
    title: `Leave ${team}?`,
    yes: 'Leave',
    says: 'You’ll be signed out and lose access to the team. Your work stays, with your name on it.',
  }),
};

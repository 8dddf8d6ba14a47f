'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import { Notice } from '../parts/notice';
import { Answers, Dialog } from '../parts/dialog';
import { ApprovalsField } from './approvals-field';
import { InviteDialog } from './invite-dialog';
import { Invitations } from './invitations';
import type { ListedInvitation, ListedLetter, ListedPerson, ListedRole } from './listed-person';
import { MadeLinkDialog } from './made-link-dialog';
import { MemberTable } from './member-table';
import { Outbox } from './outbox';
import styles from './people.module.scss';
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
      setLink({ title: `A link for ${name} is made`, path: answer.body.path });
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
      <div className={styles.head}>
        <h1>People</h1>
        {isOwner && (
          <Button look="primary" onClick={() => setInviting(true)}>
            Invite…
          </Button>
        )}
      </div>
      {problem && <Notice of="problem">{problem}</Notice>}
      <div className={styles.members}>
        <MemberTable {...{ members, self, isOwner }} onRole={act.role} onLink={act.passwordLink} onAsk={act.ask} />
      </div>
      <ApprovalsField team={team.slug} approvals={team.approvals} isOwner={isOwner} />
      {invitations && <Invitations invitations={invitations} onRevoke={act.revoke} />}
      {outbox && <Outbox letters={outbox} />}
      {isInviting && (
        <InviteDialog
          team={team.slug}
          onMade={(path) => {
            setInviting(false);
            setLink({ title: 'The invitation is made', path });
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
        <Dialog
          title={question.title}
          onClose={() => setAsked(null)}
          onSubmit={(event) => {
            event.preventDefault();
            void confirm(asked);
          }}
          answers={<Answers yes={question.yes} no="Cancel" onNo={() => setAsked(null)} />}
        >
          <p>{question.says}</p>
        </Dialog>
      )}
    </>
  );
}

const QUESTIONS = {
  remove: ({ name }: ListedPerson, team: string) => ({
    title: `Remove ${name}?`,
    yes: 'Remove',
    says: `${name} is signed out and can no longer open anything of ${team}. What they made stays, with their name.`,
  }),
  'hand-over': ({ name }: ListedPerson, team: string) => ({
    title: `Hand the team over to ${name}?`,
    yes: 'Hand over',
    says: `${name} becomes an owner of ${team}, and you an author. Only an owner can turn that round.`,
  }),
  leave: (_: ListedPerson, team: string) => ({
    title: `Leave ${team}?`,
    yes: 'Leave',
    says: 'You are signed out and can no longer open anything of the team. What you made stays, with your name.',
  }),
};

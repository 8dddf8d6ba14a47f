import type { ReactNode } from 'react';
import { Moment } from '../frame/moment';
import { type Column, RecordTable } from '../parts/record-table';
import { type ListedPerson, type ListedRole, ROLE_NAMES, ROLE_WORDS } from './listed-person';
import styles from './people.module.scss';
import { Select } from '../parts/select';
import { Button } from '../parts/button';
import { Menu, MenuAct } from '../parts/menu';

type Props = {
  members: readonly ListedPerson[];
  self: string;
  isOwner: boolean;
  onRole: (person: ListedPerson, role: ListedRole) => void;
  onLink: (person: ListedPerson) => void;
  onAsk: (what: 'remove' | 'hand-over' | 'leave', person: ListedPerson) => void;
};

/** Everybody of a team, with what they may do. */
export function MemberTable({ members, self, isOwner, onRole, onLink, onAsk }: Props) {
  const columns: Column<ListedPerson>[] = [
    {
      head: 'Name',
      says: ({ id, name }) => (
        <>
          {name}
          {id === self && <span className="soft"> (you)</span>}
        </>
      ),
    },
    { head: 'E-mail', says: ({ email }) => email },
    { head: 'Job title', says: ({ says }) => says },
    {
      head: 'Role',
      says: (person) =>
        isOwner ? (
          <RoleSelect person={person} onRole={onRole} />
        ) : (
          <span title={ROLE_WORDS[person.role]}>{person.role}</span>
        ),
    },
    {
      head: 'Last seen',
      says: ({ seenAt }) => (seenAt ? <Moment at={seenAt} /> : <span className="soft">not yet</span>),
    },
    { head: 'Joined', says: ({ joinedAt }) => <Moment at={joinedAt} /> },
  ];
  const acts = (person: ListedPerson): ReactNode => {
    if (person.id === self)
      return (
        <Button look="quiet" onClick={() => onAsk('leave', person)}>
          Leave…
        </Button>
      );
    return (
      isOwner && (
        <Menu label={`More for ${person.name}`}>
          <MenuAct onClick={() => onLink(person)}>Create password link</MenuAct>
          <MenuAct onClick={() => onAsk('hand-over', person)}>Transfer ownership…</MenuAct>
          <MenuAct onClick={() => onAsk('remove', person)}>Remove…</MenuAct>
        </Menu>
      )
    );
  };
  return (
    <RecordTable label="Members" records={members} columns={columns} acts={acts} empty="Nobody is in this team." />
  );
}

function RoleSelect({ person, onRole }: { person: ListedPerson; onRole: Props['onRole'] }) {
  return (
    <Select
      className={styles.role}
      aria-label={`Role of ${person.name}`}
      value={person.role}
      onChange={({ target }) => onRole(person, target.value as ListedRole)}
    >
      {ROLE_NAMES.map((role) => (
        <option key={role} value={role}>
          {role}: {ROLE_WORDS[role]}
        </option>
      ))}
    </Select>
  );
}

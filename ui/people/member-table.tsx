import { Moment } from '../frame/moment';
import { NumberTable } from '../parts/number-table';
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
  return (
    <NumberTable of="words">
      <thead>
        <tr>
          <th scope="col">Name</th>
          <th scope="col">E-mail</th>
          <th scope="col">Works on</th>
          <th scope="col">Role</th>
          <th scope="col">Here since</th>
          <th scope="col">
            <span className="visually-hidden">More</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {members.map((person) => (
          <tr key={person.id}>
            <th scope="row">
              {person.name}
              {person.id === self && <span className="soft"> (you)</span>}
            </th>
            <td>{person.email}</td>
            <td>{person.says}</td>
            <td>
              {isOwner ? (
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
              ) : (
                <span title={ROLE_WORDS[person.role]}>{person.role}</span>
              )}
            </td>
            <td>
              <Moment at={person.joinedAt} />
            </td>
            <td>
              {person.id === self ? (
                <Button look="quiet" onClick={() => onAsk('leave', person)}>
                  Leave…
                </Button>
              ) : (
                isOwner && (
                  <Menu label={`More for ${person.name}`}>
                    <MenuAct onClick={() => onLink(person)}>Link for a new password</MenuAct>
                    <MenuAct onClick={() => onAsk('hand-over', person)}>Hand the team over…</MenuAct>
                    <MenuAct onClick={() => onAsk('remove', person)}>Remove…</MenuAct>
                  </Menu>
                )
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </NumberTable>
  );
}

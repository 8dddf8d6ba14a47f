import { Link } from '../parts/link';
import { EmailForm, NameForm } from './identity-forms';
import { PasswordForm } from './password-form';
import { type ListedSession, Sessions } from './sessions';

type Props = {
  person: { name: string; email: string };
  shortest: number;
  teams: { slug: string; name: string }[];
  sessions: ListedSession[];
};

/** One's own account: who one is here, one's teams, the password, and where one is signed in. */
export function AccountPage({ person, shortest, teams, sessions }: Props) {
  return (
    <main id="content" className="page narrow">
      <h1>Account</h1>
      <p>
        Signed in as <strong>{person.name}</strong>, {person.email}.
      </p>
      {teams.length > 0 && (
        <p>
          In the {teams.length === 1 ? 'team' : 'teams'}{' '}
          {teams.map(({ slug, name }, index) => (
            <span key={slug}>
              {index > 0 && ', '}
              <Link href={`/people/${slug}`}>{name}</Link>
            </span>
          ))}
          . Choose what you’re notified about under <Link href="/notices">Notices</Link>.
        </p>
      )}
      <NameForm name={person.name} />
      <EmailForm email={person.email} />
      <PasswordForm shortest={shortest} email={person.email} />
      <Sessions sessions={sessions} />
    </main>
  );
}

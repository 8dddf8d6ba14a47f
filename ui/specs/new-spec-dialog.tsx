'use client';

import { useRouter } from 'next/navigation';
import { STARTING_SETS } from '../../core/spec/defaults';
import { send } from '../frame/send';
import { NameDialog } from './name-dialog';

type Props = { team: string; original?: { id: string; name: string }; onClose: () => void };

/** Makes a spec from a starting set, or as a copy of another. */
export function NewSpecDialog({ team, original, onClose }: Props) {
  const router = useRouter();
  return (
    <NameDialog<{ slug: string }>
      title={original ? `Copy of ${original.name}` : 'New specification'}
      action={original ? 'Make the copy' : 'Make the specification'}
      defaults={{ name: original ? `${original.name}, copy` : '', start: STARTING_SETS[0]!.id }}
      submit={({ name, start }) =>
        send('POST', `/api/teams/${team}/specs`, original ? { name, copyOf: original.id } : { name, start })
      }
      onDone={({ slug }) => router.push(`/${team}/${slug}`)}
      onClose={onClose}
    >
      {(register) =>
        original ? null : (
          <fieldset className="choices">
            <legend className="form-label">Start from</legend>
            {STARTING_SETS.map(({ id, title, says }) => (
              <div className="form-check" key={id}>
                <input className="form-check-input" type="radio" id={`start-${id}`} value={id} {...register('start')} />
                <label className="form-check-label" htmlFor={`start-${id}`}>
                  <strong>{title}</strong>
                  <br />
                  <span className="soft">{says}</span>
                </label>
              </div>
            ))}
          </fieldset>
        )
      }
    </NameDialog>
  );
}

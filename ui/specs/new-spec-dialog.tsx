'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STARTING_SETS } from '../../core/document/defaults';
import { Dialog } from '../parts/dialog';
import { send } from '../frame/send';
import { NameDialog } from './name-dialog';
import { Button } from '../parts/button';
import { Option } from '../parts/check';
import { Label } from '../parts/label';

type Props = {
  team: string;
  /** The team’s own starting sets. */
  sets?: readonly { id: string; name: string; spec: string; version: string }[];
  original?: { id: string; name: string };
  onClose: () => void;
};

type Made = { slug: string; missingFonts: string[] };

/** Makes a spec from a starting set, or as a copy of another. */
export function NewSpecDialog({ team, sets = [], original, onClose }: Props) {
  const router = useRouter();
  const [made, setMade] = useState<Made | null>(null);
  const open = ({ slug }: Made): void => router.push(`/${team}/${slug}`);
  if (made) {
    return (
      <Dialog
        title="The copy is made"
        onClose={onClose}
        answers={
          <Button look="primary" onClick={() => open(made)}>
            Open it
          </Button>
        }
      >
        <p>
          {made.missingFonts.join(', ')} could not be brought along: no team of yours has the file. Its measures are
          kept, so that the numbers hold; bring the font in Type rhythm to see it.
        </p>
      </Dialog>
    );
  }
  return (
    <NameDialog<Made>
      title={original ? `Copy of ${original.name}` : 'New specification'}
      action={original ? 'Make the copy' : 'Make the specification'}
      defaults={{ name: original ? `${original.name}, copy` : '', start: STARTING_SETS[0]!.id }}
      submit={({ name, start }) => send('POST', `/api/teams/${team}/specs`, wantedOf(name, start, original?.id))}
      onDone={(done) => (done.missingFonts.length > 0 ? setMade(done) : open(done))}
      onClose={onClose}
    >
      {(register) =>
        original ? null : (
          <fieldset className="choices">
            <Label as="legend">Start from</Label>
            {sets.map(({ id, name, spec, version }) => (
              <Option key={id} type="radio" id={`start-${id}`} value={`set ${id}`} {...register('start')}>
                <strong>{name}</strong>
                <br />
                <span className="soft">
                  The team’s own, from {spec} {version}
                </span>
              </Option>
            ))}
            {STARTING_SETS.map(({ id, title, says }) => (
              <Option key={id} type="radio" id={`start-${id}`} value={id} {...register('start')}>
                <strong>{title}</strong>
                <br />
                <span className="soft">{says}</span>
              </Option>
            ))}
          </fieldset>
        )
      }
    </NameDialog>
  );
}

/** What is asked for: a copy, one of the team’s own sets, or one that is shipped. */
function wantedOf(name: string, start: string, copyOf: string | undefined) {
  if (copyOf !== undefined) return { name, copyOf };
  return start.startsWith('set ') ? { name, set: start.slice(4) } : { name, start };
}

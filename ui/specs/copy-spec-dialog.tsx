'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Dialog } from '../parts/dialog';
import { send } from '../frame/send';
import { NameDialog } from './name-dialog';
import { Button } from '../parts/button';

type Props = { team: string; original: { id: string; name: string }; onClose: () => void };

type Made = { slug: string; missingFonts: string[] };

/** Makes a copy of a spec. */
export function CopySpecDialog({ team, original, onClose }: Props) {
  const router = useRouter();
  const [made, setMade] = useState<Made | null>(null);
  const open = ({ slug }: Made): void => router.push(`/${team}/${slug}`);
  if (made) {
    return (
      <Dialog
        title="Copy created"
        onClose={onClose}
        answers={
          <Button look="primary" onClick={() => open(made)}>
            Open
          </Button>
        }
      >
        <p>
          {made.missingFonts.join(', ')} couldn’t be copied: none of your teams has the font file. Its metrics are kept,
          so the numbers stay right. Upload the font in Type rhythm to see it.
        </p>
      </Dialog>
    );
  }
  return (
    <NameDialog<Made>
      title={`Duplicate ${original.name}`}
      action="Duplicate"
      name={`${original.name}, copy`}
      submit={(name) => send('POST', `/api/teams/${team}/specs`, { name, copyOf: original.id })}
      onDone={(done) => (done.missingFonts.length > 0 ? setMade(done) : open(done))}
      onClose={onClose}
    />
  );
}

'use client';

import { Ellipsis } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import { send } from '../frame/send';
import type { ListedSpec } from './listed-spec';
import { Answers, Dialog } from '../parts/dialog';
import { Problem } from '../parts/problem';

type Props = {
  spec: ListedSpec;
  may: { edit: boolean; archive: boolean; remove: boolean };
  onCopy: () => void;
  onRename: () => void;
};

/** What can be done with a spec as a whole. */
export function SpecMenu({ spec, may, onCopy, onRename }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);

  const archive = async (): Promise<void> => {
    const answer = await send('PATCH', `/api/specs/${spec.id}`, { archived: !spec.archived });
    if (answer.ok) router.refresh();
    else setProblem(answer.problem);
  };

  const [isDeleting, setDeleting] = useState(false);
  const remove = async (): Promise<void> => {
    const answer = await send('DELETE', `/api/specs/${spec.id}`);
    setDeleting(false);
    if (answer.ok) router.refresh();
    else setProblem(answer.problem);
  };
  const canDelete = may.remove && spec.archived && spec.lastEdition === null;
  if (!may.edit && !may.archive) return <span />;

  return (
    <Dropdown align="end">
      <Dropdown.Toggle as="button" bsPrefix="quiet" aria-label={`More for ${spec.name}`}>
        <Ellipsis size={18} aria-hidden />
      </Dropdown.Toggle>
      <Dropdown.Menu>
        <Dropdown.Item as="button" onClick={onRename}>
          Rename…
        </Dropdown.Item>
        <Dropdown.Item as="button" onClick={onCopy}>
          Make a copy…
        </Dropdown.Item>
        <Dropdown.Item as="button" onClick={archive}>
          {spec.archived ? 'Bring back' : 'Archive'}
        </Dropdown.Item>
        {canDelete && (
          <Dropdown.Item as="button" onClick={() => setDeleting(true)}>
            Delete…
          </Dropdown.Item>
        )}
      </Dropdown.Menu>
      <Problem says={problem} />
      {isDeleting && (
        <Dialog
          title={`Delete ${spec.name}?`}
          onClose={() => setDeleting(false)}
          onSubmit={(event) => {
            event.preventDefault();
            void remove();
          }}
          answers={<Answers yes="Delete it" no="Keep it" onNo={() => setDeleting(false)} />}
        >
          <p>Its draft, its history and its surveys are gone for good. It was never published.</p>
        </Dialog>
      )}
    </Dropdown>
  );
}

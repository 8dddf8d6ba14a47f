'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import type { ListedSpec } from './listed-spec';
import { Answers, Dialog } from '../parts/dialog';
import { Problem } from '../parts/problem';
import { Menu, MenuAct } from '../parts/menu';

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
    <div>
      <Menu label={`More for ${spec.name}`}>
        <MenuAct onClick={onRename}>Rename…</MenuAct>
        <MenuAct onClick={onCopy}>Duplicate…</MenuAct>
        <MenuAct onClick={archive}>{spec.archived ? 'Restore' : 'Archive'}</MenuAct>
        {canDelete && <MenuAct onClick={() => setDeleting(true)}>Delete…</MenuAct>}
      </Menu>
      <Problem says={problem} />
      {isDeleting && (
        <Dialog
          title={`Delete ${spec.name}?`}
          onClose={() => setDeleting(false)}
          onSubmit={(event) => {
            event.preventDefault();
            void remove();
          }}
          answers={<Answers yes="Delete" no="Cancel" onNo={() => setDeleting(false)} />}
        >
          <p>Its draft, history and surveys will be deleted for good. It was never published.</p>
        </Dialog>
      )}
    </div>
  );
}

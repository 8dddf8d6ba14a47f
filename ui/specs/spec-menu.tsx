'use client';

import { Ellipsis } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import { send } from '../frame/send';
import type { ListedSpec } from './listed-spec';
import { Problem } from '../parts/problem';

type Props = { spec: ListedSpec; onCopy: () => void; onRename: () => void };

/** What can be done with a spec as a whole. */
export function SpecMenu({ spec, onCopy, onRename }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);

  const archive = async (): Promise<void> => {
    const answer = await send('PATCH', `/api/specs/${spec.id}`, { archived: !spec.archived });
    if (answer.ok) router.refresh();
    else setProblem(answer.problem);
  };

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
      </Dropdown.Menu>
      <Problem says={problem} />
    </Dropdown>
  );
}

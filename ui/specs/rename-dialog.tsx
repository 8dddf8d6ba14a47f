'use client';

import { useRouter } from 'next/navigation';
import { send } from '../frame/send';
import { NameDialog } from './name-dialog';

type Props = { spec: { id: string; name: string }; onClose: () => void };

/** Renames a spec. Its address stays, so that links to it go on working. */
export function RenameDialog({ spec, onClose }: Props) {
  const router = useRouter();
  return (
    <NameDialog
      title={`Rename ${spec.name}`}
      action="Rename"
      name={spec.name}
      submit={(name) => send('PATCH', `/api/specs/${spec.id}`, { name })}
      onDone={() => {
        router.refresh();
        onClose();
      }}
      onClose={onClose}
    />
  );
}

'use client';

import { Keyboard } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { BarButton } from './bar-button';

// a long list, which few open
const ShortcutsDialog = dynamic(() => import('../draft/shortcuts-dialog').then((file) => file.ShortcutsDialog), {
  ssr: false,
});

/** Opens the list of keys, on pages outside of a draft too: by its button, or with a question mark. */
export function KeysButton() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent): void => {
      const isTyping = (event.target as HTMLElement).closest('input, select, textarea, [role=dialog]');
      if (event.key === '?' && !isTyping && !event.ctrlKey && !event.metaKey && !event.altKey) setOpen(true);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);
  return (
    <>
      <BarButton name="Keys" says="Keys" keys="?" Icon={Keyboard} onClick={() => setOpen(true)} />
      {isOpen && <ShortcutsDialog onClose={() => setOpen(false)} />}
    </>
  );
}

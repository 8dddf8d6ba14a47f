'use client';

import { useEffect, useState } from 'react';
import type { AnswerOf } from '../../app/api/sent';
import { fontName } from '../../core/type/style-text';
import { Dialog } from '../parts/dialog';
import { send } from '../frame/send';
import { type Column, RecordTable } from '../parts/record-table';
import { Problem } from '../parts/problem';
import { Button } from '../parts/button';

type KeptFont = AnswerOf<'GET', `/api/teams/${string}/fonts`>[number];

type Props = { team: string; onRemoved: (file: string) => void; onClose: () => void };

/** The font files that the team brought, what uses each, and those that nothing does to be removed. */
export function TeamFontsDialog({ team, onRemoved, onClose }: Props) {
  const [fonts, setFonts] = useState<KeptFont[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    void send('GET', `/api/teams/${team}/fonts`).then((answer) =>
      answer.ok ? setFonts(answer.body) : setProblem(answer.problem),
    );
  }, [team]);

  const remove = async (file: string): Promise<void> => {
    const answer = await send('DELETE', `/api/teams/${team}/fonts/${file.slice('team:'.length)}`);
    setProblem(answer.ok ? null : answer.problem);
    if (!answer.ok) return;
    setFonts((before) => before?.filter(({ font }) => font.file !== file) ?? null);
    onRemoved(file);
  };

  return (
    <Dialog title="Team fonts" isWide onClose={onClose}>
      <Problem says={problem} />
      {fonts === null && !problem && <p className="soft">Loading…</p>}
      {fonts && (
        <RecordTable
          label="Team fonts"
          records={fonts.map((each) => ({ ...each, id: each.font.file }))}
          columns={COLUMNS}
          acts={({ id, usedBy }) =>
            usedBy.length === 0 && (
              <Button look="quiet" onClick={() => remove(id)}>
                Remove
              </Button>
            )
          }
          empty="The team hasn’t uploaded any fonts. The built-in ones are always available."
        />
      )}
    </Dialog>
  );
}

const COLUMNS: Column<KeptFont>[] = [
  { head: 'Font', says: ({ font }) => fontName(font) },
  { head: 'Uploaded by', says: ({ uploadedBy }) => uploadedBy },
  { head: 'Used by', says: ({ usedBy }) => usedBy.join(', ') || 'nothing' },
];

'use client';

import { useEffect, useState } from 'react';
import type { AnswerOf } from '../../app/api/sent';
import { fontName } from '../../core/type/style-text';
import { Dialog } from '../parts/dialog';
import { send } from '../frame/send';
import { NumberTable } from '../parts/number-table';
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
    <Dialog title="Fonts of the team" isWide onClose={onClose}>
      <Problem says={problem} />
      {fonts === null && !problem && <p className="soft">Looking…</p>}
      {fonts?.length === 0 && <p>The team has brought no font yet; the shipped ones are always there.</p>}
      {fonts && fonts.length > 0 && (
        <NumberTable of="words">
          <thead>
            <tr>
              <th scope="col">Font</th>
              <th scope="col">Brought by</th>
              <th scope="col">Used by</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {fonts.map(({ font, uploadedBy, usedBy }) => (
              <tr key={font.file}>
                <th scope="row">{fontName(font)}</th>
                <td>{uploadedBy}</td>
                <td className="soft">{usedBy.join(', ') || 'nothing'}</td>
                <td>
                  {usedBy.length === 0 && (
                    <Button look="quiet" onClick={() => remove(font.file)}>
                      Remove
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </NumberTable>
      )}
    </Dialog>
  );
}

import { FILE_BYTES } from '../../core/limits';
import type { Font } from '../../core/spec/schema';
import { send } from '../frame/send';

/** Sends a font file to the team; answers with the font and its measures, or with the sentence that refuses it. */
export async function bringFont(team: string, file: File): Promise<{ font: Font } | { problem: string }> {
  if (file.size > FILE_BYTES.font)
    return { problem: `${file.name} has ${(file.size / 1024 / 1024).toFixed(1)} MB; a font can have up to 5 MB.` };
  const answer = await send('POST', `/api/teams/${team}/fonts`, file);
  return answer.ok ? answer.body : { problem: `${file.name}: ${answer.problem}` };
}

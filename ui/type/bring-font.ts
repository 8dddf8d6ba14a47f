import type { Font } from '../../core/spec/schema';

const LARGEST = 5 * 1024 * 1024;

/** Sends a font file to the team; answers with the font and its measures, or with the sentence that refuses it. */
export async function bringFont(team: string, file: File): Promise<{ font: Font } | { problem: string }> {
  if (file.size > LARGEST)
    return { problem: `${file.name} has ${(file.size / 1024 / 1024).toFixed(1)} MB; a font has at most 5 MB here.` };
  try {
    const response = await fetch(`/api/teams/${team}/fonts`, { method: 'POST', body: file });
    const answer = (await response.json()) as { font: Font } | { problem: string };
    return 'problem' in answer ? { problem: `${file.name}: ${answer.problem}` } : answer;
  } catch {
    return { problem: 'The server does not answer. Check the connection and bring the font again.' };
  }
}

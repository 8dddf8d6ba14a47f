import type { Parsed } from '../parsed';

/** What JSON text holds; where it is none, a sentence of one line that says where. */
export function parseJson(text: string): Parsed<unknown> {
  try {
    return { value: JSON.parse(text) as unknown };
  } catch (error) {
    const why = (error as Error).message.replace(/\s+/g, ' ').slice(0, 160);
    return { problem: `This isn’t valid JSON: ${why}.` };
  }
}

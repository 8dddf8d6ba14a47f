import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { nothingHere } from '../../../answers';
import { forPeople } from '../../../endpoint';

export const GET = forPeople(
  { path: '/guide/pictures/[name]', does: 'A picture of the guide, from the documentation.' },
  async ({ params: { name } }) => {
    if (!/^[a-z-]{1,40}\.png$/.test(name)) return nothingHere();
    const bytes = await readFile(join(process.cwd(), 'docs/screenshots', name)).catch(() => null);
    if (!bytes) return nothingHere();
    return new Response(new Uint8Array(bytes), {
      headers: { 'Content-Type': 'image/png', 'Cache-Control': 'private, max-age=3600' },
    });
  },
);

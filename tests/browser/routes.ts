import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Every page and route handler of the application, as addresses with names in brackets, and what a route answers. */
export function addresses(folder = 'app', address = ''): { address: string; methods: string[] }[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return addresses(path, `${address}/${entry.name}`);
    if (entry.name === 'page.tsx') return [{ address: address || '/', methods: ['GET'] }];
    if (entry.name !== 'route.ts') return [];
    const methods = [
      ...readFileSync(path, 'utf8').matchAll(/^export (?:const|function) (GET|POST|PUT|PATCH|DELETE)\b/gm),
    ];
    return [{ address, methods: methods.map(([, method]) => method!) }];
  });
}

const NO_SUCH = '00000000-0000-4000-8000-000000000000';

/** An address with names in place of its brackets: those of the demo where there is one, else of nothing. */
export const filled = (address: string, specId: string, team = 'tidewick'): string =>
  address
    .replace('/(draft)', '')
    .replace('[key]', NO_SUCH)
    .replace('[link]', 'ypsl_none')
    .replace('[file]', 'grid.css')
    .replace('[font]', 'zilla-slab')
    .replace(/\[(survey|measurement|invitation|hook|set|remark|follower)\]/, NO_SUCH)
    .replace('[person]', '999999')
    .replace('[revision]', '999999')
    .replace('[id]', specId)
    .replace('[team]', team)
    .replace('[spec]', 'passenger-site')
    .replace('[version]', '1.0.0');

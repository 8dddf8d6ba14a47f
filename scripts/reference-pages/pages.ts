import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { RULES } from '../../core/checks/registry';
import { WEIGHT_NAMES } from '../../core/checks/rule';
import { specSchema } from '../../core/spec/schema';
import { ACTIONS, KEY_SCOPES, mayDo, PERMISSIONS, ROLES } from '../../server/access/permissions';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';
import { measuresOfFile } from '../../server/fonts/measure';
import { shippedPath } from '../../server/fonts/shipped-files';

/** docs/rules.md: every rule that a spec is held against. */
export function rulesPage(): string {
  const rules = RULES.map(({ id, title, asks, why, source, weight, thresholds = [] }) => {
    const numbers = thresholds.map((each) => `${each.title} ${each.usual} ${each.unit}`).join('; ');
    const set = numbers ? `\n\nA spec may set: ${numbers}.` : '';
    return `## ${title}\n\n\`${id}\` · **${WEIGHT_NAMES[weight]}**\n\n${asks}\n\n${why}${set}\n\nGround: ${source}.\n`;
  });
  return [
    '# The rules\n',
    'A specification is held against each of these while it is written. *Must fix* holds an edition back, unless the',
    'finding is waived with a reason, which readers see. *Weigh* is worth a look. A waiver stands as long as the numbers',
    'behind its finding stay as they are. A spec may turn a rule off, or weigh it otherwise.\n',
    'This page is made from the code: `npm run docs`.\n',
    ...rules,
  ].join('\n');
}

/** docs/spec.schema.json: the spec document as JSON Schema. */
export function jsonSchemaText(): string {
  return `${JSON.stringify(z.toJSONSchema(specSchema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
}

/** core/type/shipped-measures.ts: the measures of every shipped font, read from its file. */
export function shippedMeasuresText(): string {
  const measures = Object.fromEntries(
    SHIPPED_FONTS.map(({ id }) => {
      const file = readFileSync(shippedPath(id));
      const read = measuresOfFile(file);
      if ('problem' in read) throw new Error(`${id}: ${read.problem}`);
      return [id, { ...read.measured, family: FAMILIES[id] ?? read.measured.family }];
    }),
  );
  return `import type { Font } from '../spec/schema';\n\n/** Read from the files of the shipped fonts by \`npm run docs\`; not written by hand. */\nexport const SHIPPED_MEASURES: Record<string, Omit<Font, 'file'>> = ${JSON.stringify(measures)};\n`;
}

/** Families whose files name a cut as well. */
const FAMILIES: Record<string, string> = { 'source-sans-3': 'Source Sans 3' };

/** docs/permissions.md: who may do what, from the one table of it. */
export function permissionsPage(): string {
  const mark = (is: boolean): string => (is ? '●' : '');
  const rows = ACTIONS.map((action) => {
    const { says, but }: { says: string; but?: string } = PERMISSIONS[action];
    const cells = [...ROLES, 'key' as const].map((role) => mark(mayDo(role, action)));
    return `| ${says}${but ? ` (${but})` : ''} | ${cells.join(' | ')} |`;
  });
  return [
    '# Who may do what\n',
    'A team always has an owner. What somebody may not do is absent from their screen, or says who may. Keys and public links read editions, within their scope.',
    'The application asks one gate (`server/access/`), and the database asks again by its own policies (`role_may`), so that what forgets to ask gets nothing.\n',
    `| may | ${ROLES.join(' | ')} | key |`,
    `| --- |${' :-: |'.repeat(ROLES.length + 1)}`,
    ...rows,
    '\nKeys of a team may, within the specifications that they open:\n',
    ...Object.entries(KEY_SCOPES).map(([scope, says]) => `- \`${scope}\`: ${says}`),
    '\nThis page is made from the code: `npm run docs`.\n',
  ].join('\n');
}

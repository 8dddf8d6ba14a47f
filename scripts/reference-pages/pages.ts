import { z } from 'zod';
import { RULES } from '../../core/checks/registry';
import type { Weight } from '../../core/checks/rule';
import { specSchema } from '../../core/spec/schema';

const WEIGHTS: Record<Weight, string> = { 'must-fix': 'Must fix', weigh: 'Weigh', note: 'Note' };

/** docs/rules.md: every rule that a spec is held against. */
export function rulesPage(): string {
  const rules = RULES.map(
    ({ id, title, asks, why, source, weight }) =>
      `## ${title}\n\n\`${id}\` · **${WEIGHTS[weight]}**\n\n${asks}\n\n${why}\n\nGround: ${source}.\n`,
  );
  return [
    '# The rules\n',
    'A specification is held against each of these while it is written. *Must fix* holds an edition back, unless the',
    'finding is waived with a reason, which readers see. *Weigh* is worth a look. A waiver stands as long as the numbers',
    'behind its finding stay as they are.\n',
    'This page is made from the code: `npm run docs`.\n',
    ...rules,
  ].join('\n');
}

/** docs/spec.schema.json: the spec document as JSON Schema. */
export function jsonSchemaText(): string {
  return `${JSON.stringify(z.toJSONSchema(specSchema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
}

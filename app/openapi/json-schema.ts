import * as z from 'zod';
import { refusal } from './schemas';

/** A Zod schema as JSON Schema: as it is sent, or as it is answered. */
export function jsonSchema(schema: z.ZodType, io: 'input' | 'output'): object {
  const { $schema: _, ...own } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return own;
}

/** A refusal, as problem details. */
export const refused = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: jsonSchema(refusal, 'output') } },
});

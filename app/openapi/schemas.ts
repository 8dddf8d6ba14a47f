import * as z from 'zod';

/** What addresses answer with, as Zod has it: the routes are typed by these, and the OpenAPI document is made of them. */

export const listedFile = z.object({
  name: z.string(),
  bytes: z.int().min(0),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  address: z.string().describe('Its permanent address, from the root of this server.'),
});

export const listedEdition = z.object({
  version: z.string().describe('Semantic Versioning 2.0.0, such as 1.2.0.'),
  publishedAt: z.iso.datetime(),
  sha256: z.string().describe('Of the specification, as canonical JSON (RFC 8785).'),
  note: z.string().describe('What the edition brings, in the words of who published it.'),
  withdrawn: z
    .string()
    .nullable()
    .describe('Why nobody should build on it any more; null where nothing speaks against it.'),
  files: z.array(listedFile),
});

export const editionList = z.object({
  team: z.string(),
  spec: z.string(),
  editions: z.array(listedEdition).describe('The newest first.'),
});

/** Problem details (RFC 9457). */
export const refusal = z.object({
  type: z.literal('about:blank'),
  title: z.string(),
  status: z.int(),
  code: z.string().describe('What kind of refusal it is: a word that stays, whatever its sentence says.'),
  detail: z.string().describe('What is wrong, and what would be right, in one sentence.'),
  problem: z.string().describe('The same as detail, under its older name.'),
});

export type EditionList = z.infer<typeof editionList>;

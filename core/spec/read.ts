import type { Parsed } from '../length/parsed';
import { problemOf } from './problem';
import { type Spec, specSchema } from './schema';

export const NEWEST_VERSION = 1;

/** The largest document that is taken, in characters; the richest demo spec has about 8,000. */
export const LARGEST_DOCUMENT = 1_000_000;

/**
 * Reads a spec document from what JSON gave, bringing older versions up to date.
 *
 *     readSpec({ ypsiline: 99 })   // problem: "This document is of version 99; …"
 */
export function readSpec(document: unknown): Parsed<Spec> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return { problem: 'This is not a spec document; it starts with { "ypsiline": 1, "name": … }.' };
  }
  const version = (document as { ypsiline?: unknown }).ypsiline;
  if (typeof version !== 'number')
    return { problem: 'This is not a spec document: the key "ypsiline" with the version is missing.' };
  if (version > NEWEST_VERSION) {
    return {
      problem: `This document is of version ${version}; this Ypsiline reads versions up to ${NEWEST_VERSION}. Open it with a newer one.`,
    };
  }
  const result = specSchema.safeParse(document);
  if (result.success) return { value: result.data };
  return { problem: problemOf(result.error) };
}

/** Reads a spec document from JSON text. */
export function readSpecText(text: string): Parsed<Spec> {
  if (text.length > LARGEST_DOCUMENT) {
    return { problem: `This text has ${text.length} characters; a spec document has at most ${LARGEST_DOCUMENT}.` };
  }
  try {
    return readSpec(JSON.parse(text));
  } catch (error) {
    return { problem: `This is not JSON: ${(error as Error).message}.` };
  }
}

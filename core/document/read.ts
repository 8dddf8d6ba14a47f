import type { Parsed } from '../parsed';
import { parseJson } from '../text/json-text';
import { brokenInvariant } from './invariants';
import { upgradedTo } from './upgrades';
import { LIMITS } from '../limits';
import { problemOf } from './problem';
import { type Spec, specSchema } from '../spec/schema';

export const NEWEST_VERSION = 5;

/** The largest document that is taken, in characters; the richest demo spec has about 8,000. */
export const LARGEST_DOCUMENT = LIMITS.documentCharacters;

/**
 * Reads a spec document from what JSON gave, bringing older versions up to date.
 *
 *     readSpec({ ypsiline: 99 })   // problem: "This document is of version 99; …"
 */
export function readSpec(document: unknown): Parsed<Spec> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return {
      problem: `This isn’t a specification document. One starts with { "ypsiline": ${NEWEST_VERSION}, "name": … }.`,
    };
  }
  const version = (document as { ypsiline?: unknown }).ypsiline;
  if (typeof version !== 'number')
    return { problem: 'This isn’t a specification document: the key "ypsiline" with the version is missing.' };
  if (!Number.isInteger(version) || version < 1)
    return { problem: `“ypsiline” is the version of the document, a whole number from 1 to ${NEWEST_VERSION}.` };
  if (version > NEWEST_VERSION) {
    return {
      problem: `This document is of version ${version}; this Ypsiline reads versions up to ${NEWEST_VERSION}. Open it with a newer one.`,
    };
  }
  if (depthOf(document, LIMITS.documentDepth) > LIMITS.documentDepth)
    return {
      problem: `This document is nested more than ${LIMITS.documentDepth} levels deep; a specification needs far fewer.`,
    };
  const upgraded = upgradedTo(NEWEST_VERSION, document as Record<string, unknown>);
  const result = specSchema.safeParse(upgraded);
  if (!result.success) return { problem: problemOf(result.error, upgraded) };
  if (HALF_CHARACTER.test(JSON.stringify(upgraded)))
    return { problem: 'This document holds a text with a NUL or half of a character, which no database keeps.' };
  const broken = brokenInvariant(result.data);
  return broken === null ? { value: result.data } : { problem: broken };
}

/** How JSON writes a NUL or a lone surrogate, wherever it stands. */
const HALF_CHARACTER = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f][0-9a-f]{2})/;

/** How deep lists and objects stand in each other, looked at no deeper than one more than the most. */
function depthOf(value: unknown, most: number): number {
  if (typeof value !== 'object' || value === null) return 0;
  if (most < 0) return 1;
  let deepest = 0;
  for (const inner of Object.values(value)) deepest = Math.max(deepest, depthOf(inner, most - 1));
  return deepest + 1;
}

/** Reads a spec document from JSON text. */
export function readSpecText(text: string): Parsed<Spec> {
  if (text.length > LARGEST_DOCUMENT) {
    return {
      problem: `This text has ${text.length} characters; a specification document can have up to ${LARGEST_DOCUMENT}.`,
    };
  }
  const { value, problem } = parseJson(text);
  return problem === undefined ? readSpec(value) : { problem };
}

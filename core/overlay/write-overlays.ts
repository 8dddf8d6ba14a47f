import { lengthOf, parseLengthValue } from '../length/length-value';
import { changesWithScreen } from '../length/units';
import { shown } from '../length/length';
import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import type { Spec } from '../spec/schema';
import type { OverlayId } from './inks';

type OverlaySettings = NonNullable<Spec['overlays']>;

/** The document with other settings of its overlays; what is as usual is not written down. */
function withOverlays(
  spec: Spec,
  change: Partial<{ [Key in keyof OverlaySettings]: OverlaySettings[Key] | undefined }>,
): Spec {
  const { overlays: before = {}, ...plain } = spec;
  const overlays = Object.fromEntries(
    Object.entries({ ...before, ...change }).filter(([, value]) => value !== undefined),
  ) as OverlaySettings;
  return Object.keys(overlays).length > 0 ? { ...plain, overlays } : plain;
}

/** Overlays drawn filled, as is usual, or as outlines. */
export function withDrawn(spec: Spec, drawn: 'filled' | 'outlines'): Spec {
  return withOverlays(spec, { drawn: drawn === 'outlines' ? drawn : undefined });
}

/**
 * What is shown now as a combination with a name, on the first key that is free.
 *
 *     addCombination(spec, 'rows for heroes', ['rows', 'baseline'])   // on key 1
 */
export function addCombination(spec: Spec, typed: string, shows: readonly OverlayId[]): Parsed<Spec> {
  const name = typed.trim();
  const all = spec.overlays?.combinations ?? [];
  if (name === '') return { problem: 'Enter a name, such as Rows for heroes.' };
  if (name.length > LIMITS.breakpointName)
    return { problem: `This name has ${name.length} characters; the maximum is ${LIMITS.breakpointName}.` };
  if (all.some((each) => each.name === name))
    return { problem: `There’s already a combination called ${shown(name)}. Choose another name.` };
  const key = ['1', '2', '3', '4', '5', '6', '7', '8', '9'].find((each) => all.every((other) => other.key !== each));
  if (key === undefined)
    return { problem: `A specification can have up to ${LIMITS.combinations} combinations. Remove one first.` };
  return { value: withOverlays(spec, { combinations: [...all, { name, key, shows: [...shows] }] }) };
}

export function removeCombination(spec: Spec, key: string): Spec {
  const left = (spec.overlays?.combinations ?? []).filter((each) => each.key !== key);
  return withOverlays(spec, { combinations: left.length > 0 ? left : undefined });
}

/** The mesh as it is typed: the side of a square, nothing for the base unit; a strong line every so many, nothing for none. */
export function writeMesh(spec: Spec, typed: { square: string; strong: string }): Parsed<Spec> {
  const [square, strong] = [typed.square.trim(), typed.strong.trim()];
  const { mesh: _before, ...plain } = spec;
  const parsed = square === '' ? null : parseLengthValue(square);
  if (parsed?.problem !== undefined) return parsed;
  if (parsed && changesWithScreen(lengthOf(parsed.value).unit))
    return { problem: `${shown(square)} changes with the screen. A square of the mesh is a fixed length, such as 8.` };
  if (strong !== '' && (!/^\d+$/.test(strong) || Number(strong) < 2 || Number(strong) > 100))
    return { problem: `“${shown(strong)}” isn’t possible. A strong line comes every 2 to 100 squares, such as 5.` };
  const mesh = { ...(parsed && { square: parsed.value }), ...(strong !== '' && { strong: Number(strong) }) };
  return { value: Object.keys(mesh).length > 0 ? { ...plain, mesh } : plain };
}

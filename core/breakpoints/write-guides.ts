import { lengthText, parseLength, shown } from '../length/length';
import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import type { Guide, Spec } from '../spec/schema';
import { withBreakpoint } from './breakpoints';

/**
 * The guides of a breakpoint as they were typed; a row that says nothing is left out.
 *
 *     writeGuides(spec, 'desktop', [{ name: 'fold', axis: 'y', at: '720', from: 'start' }])
 */
export function writeGuides(spec: Spec, id: string, typed: readonly Guide[]): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find((each) => each.id === id);
  if (!breakpoint) return { problem: 'This breakpoint is gone. Close the dialog and choose another.' };
  const guides: Guide[] = [];
  for (const row of typed.filter(({ name, at }) => name.trim() !== '' || at.trim() !== '')) {
    const { value, problem } = readGuide(row);
    if (problem !== undefined) return { problem };
    if (guides.some(({ name }) => name === value.name))
      return { problem: `Two guides are called “${shown(value.name)}”. Rename one of them.` };
    guides.push(value);
  }
  if (guides.length > LIMITS.guides)
    return { problem: `A breakpoint can have up to ${LIMITS.guides} guides. Remove ${guides.length - LIMITS.guides}.` };
  const { guides: _before, ...bare } = breakpoint;
  return { value: withBreakpoint(spec, guides.length === 0 ? bare : { ...bare, guides }) };
}

function readGuide({ name: typedName, axis, at, from }: Guide): Parsed<Guide> {
  const name = typedName.trim();
  if (name === '') return { problem: `The guide at ${shown(at)} needs a name, such as fold.` };
  if (name.length > LIMITS.breakpointName)
    return { problem: `“${shown(name)}” has ${name.length} characters; the maximum is ${LIMITS.breakpointName}.` };
  const text = at.trim().replace(/^−/, '-');
  const isLess = text.startsWith('-');
  const { value, problem } = parseLength(text.replace(/^-\s*/, ''));
  if (problem !== undefined) return { problem: `${shown(name)}: ${problem}` };
  if (isLess && from !== 'centre')
    return { problem: `${shown(name)}: only a guide from the centre can be below 0. Measure it from the other side.` };
  return { value: { name, axis, at: `${isLess ? '-' : ''}${lengthText(value)}`, from } };
}

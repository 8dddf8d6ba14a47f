import { sizeText } from '../../length/size';
import { numeral } from '../../length/present';
import { cssNameOf } from '../../spacing/css-name';
import { stepsOf } from '../../spacing/scale';
import type { Spec } from '../../spec/schema';
import { cssNumbers, cssText } from './css-numbers';
import { cssReader } from './css-reader';

/** The spacing scale as custom properties. */
export function spacingCss(spec: Spec): string | null {
  const steps = stepsOf(spec);
  if (steps.length === 0) return null;
  const base = cssReader(spec, spec.breakpoints[0]!, 'vw').length(spec.spacing.base);
  const properties = new Map(
    steps.map(({ name, times, rem }) => [
      `--${cssNameOf(name)}`,
      `${cssText(cssNumbers.times(base, times))}; /* ${numeral(times)} × ${sizeText(spec.spacing.base)}, ${numeral(rem)} rem */`,
    ]),
  );
  const lines = [...properties].map(([name, value]) => `  ${name}: ${value}`);
  return `/* Spacing steps */\n:root {\n${lines.join('\n')}\n}`;
}

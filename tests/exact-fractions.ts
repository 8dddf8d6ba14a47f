import type * as Fractions from 'fraction.js';
import { vi } from 'vitest';

/**
 * In every test: a fraction that is made of, or reckoned with, a floating-point number that is not whole fails. Such a number goes through `px`, which takes it by its
 * decimal text.
 */
vi.mock('fraction.js', async (original) => {
  const module = await original<typeof Fractions>();
  const Exact = module.default;
  const mustBeExact = (values: readonly unknown[]): void => {
    const inexact = values.find((value) => typeof value === 'number' && !Number.isSafeInteger(value));
    if (inexact !== undefined) throw new TypeError(`a fraction of the floating-point number ${inexact as number}`);
  };
  const guarded = Exact.prototype as unknown as Record<string, (...values: unknown[]) => unknown>;
  for (const name of ['add', 'sub', 'mul', 'div', 'mod', 'pow', 'compare', 'equals', 'lt', 'lte', 'gt', 'gte']) {
    const plain = guarded[name];
    if (!plain) continue;
    guarded[name] = function (this: unknown, ...values: unknown[]) {
      mustBeExact(values);
      return plain.apply(this, values);
    };
  }
  const Guarded = new Proxy(Exact, {
    construct: (target, values: unknown[]) => {
      mustBeExact(values);
      return Reflect.construct(target, values) as object;
    },
  });
  return { ...module, default: Guarded, Fraction: Guarded };
});

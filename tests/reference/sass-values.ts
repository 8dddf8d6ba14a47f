import { compileString, Logger } from 'sass';

/** Values of Sass expressions, as text, after a package's own settings were loaded. */
export function sassValues(load: string, expressions: Record<string, string>): Record<string, string> {
  const rules = Object.entries(expressions).map(([name, expression]) => `  --${name}: #{${expression}};`);
  const { css } = compileString(`@use 'sass:map';\n@use 'sass:math';\n${load}\nvalues {\n${rules.join('\n')}\n}`, {
    loadPaths: ['node_modules', 'node_modules/foundation-sites/scss'],
    // what a package's own code is warned of is not ours to mend
    silenceDeprecations: ['color-4-api', 'color-functions', 'import', 'global-builtin', 'if-function', 'slash-div'],
    logger: Logger.silent,
  });
  const values = [...css.slice(css.indexOf('values {')).matchAll(/--([a-z0-9-]+): ([^;]+);/g)];
  return Object.fromEntries(values.map(([, name, value]) => [name!, value!]));
}

/** `"540px"` as 540. */
export function pixels(text: string | undefined): number {
  const [, number] = /^([\d.]+)px$/.exec(text ?? '') ?? [];
  if (number === undefined) throw new Error(`“${text}” is no number of px`);
  return Number(number);
}

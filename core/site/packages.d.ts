declare module '@bramus/specificity' {
  /** A selector's ids, classes and types, counted (Selectors 4, 17). */
  export default class Specificity {
    static calculate(selector: string): Specificity[];
    toArray(): [number, number, number];
  }
}

// the parts of css-tree by themselves: the whole brings the grammar of every property, which nothing here asks for
declare module 'css-tree/parser' {
  import { parse } from 'css-tree';
  export default parse;
}
declare module 'css-tree/generator' {
  import { generate } from 'css-tree';
  export default generate;
}
declare module 'css-tree/convertor' {
  import type { toPlainObject } from 'css-tree';
  const convertor: { toPlainObject: typeof toPlainObject };
  export default convertor;
}

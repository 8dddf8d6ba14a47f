declare module '@bramus/specificity' {
  /** A selector's ids, classes and types, counted (Selectors 4, 17). */
  export default class Specificity {
    static calculate(selector: string): Specificity[];
    toArray(): [number, number, number];
  }
}

// css-tree as one file that any bundler takes: its modules read the grammar of properties from files beside them
declare module 'css-tree/dist/csstree.esm' {
  export * from 'css-tree';
}

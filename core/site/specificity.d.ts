declare module '@bramus/specificity' {
  /** A selector's ids, classes and types, counted (Selectors 4, 17). */
  export default class Specificity {
    static calculate(selector: string): Specificity[];
    toArray(): [number, number, number];
  }
}

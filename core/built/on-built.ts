import type { Breakpoint, Spec } from '../spec/schema';
import type { Measured } from './measured';

/** What a page is held with: the document, and the page counted from where it is read from. */
export type OnBuilt = { spec: Spec; breakpoint: Breakpoint; page: Measured; tolerance: number };

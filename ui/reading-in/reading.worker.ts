import { compareSite, type SiteComparison } from '../../core/comparison/compare-site';
import type { Parsed } from '../../core/parsed';
import { readFile } from '../../core/reading/read-file';
import type { Reading } from '../../core/reading/reading';
import type { Sheet } from '../../core/site/rules';
import type { RoleChoice } from '../../core/site/grid-systems';
import type { Spec } from '../../core/spec/schema';

/** What the worker is asked: what a file says, or what of a site differs from a specification. */
export type ReadingOrder =
  | { is: 'read'; name: string; text: string }
  | { is: 'compare'; spec: Spec; texts: readonly Sheet[]; page: Sheet | null; choice: RoleChoice };

export type ReadingAnswer<Order> = Parsed<Order extends { is: 'read' } ? Reading : SiteComparison>;

self.onmessage = ({ data }: MessageEvent<ReadingOrder>): void => {
  self.postMessage(
    data.is === 'read' ? readFile(data.name, data.text) : compareSite(data.spec, data.texts, data.choice, data.page),
  );
};

import { keepingPlaces } from '../layouts/keep-places';
import { placesOf } from '../layouts/places';
import { specSchema } from '../spec/schema';
import { brokenInvariant } from './invariants';
import { VERSION_2 } from './version-2-places';

type Document = Record<string, unknown>;

/** Brings a document of a version to the next. What it cannot understand it leaves to the schema to refuse. */
const UPGRADES: Readonly<Record<number, (document: Document) => Document>> = {
  // version 2 has trial layouts; what version 1 kept under that name, unread, is carried as a note
  1: (document) => ({ ...document, ypsiline: 2, layouts: carriedLayouts(document.layouts) }),
  // in version 3 a block follows the nearest breakpoint at which it is given; what that would move is given where it was
  2: (document) => ({ ...document, ypsiline: 3, layouts: layoutsAsDrawn(document) }),
  // version 4 has sums, relations and fields; what has none of them says the same
  3: (document) => ({ ...document, ypsiline: 4 }),
  // version 5 has more kinds of blocks, grounds and hidden blocks
  4: (document) => ({ ...document, ypsiline: 5 }),
};

/** A document of an older version as one of a newer. Every step is kept for ever, with examples (tests/reference/kept). */
export function upgradedTo(newest: number, document: Document): Document {
  let upgraded = document;
  for (let version = document.ypsiline as number; version < newest; version++) upgraded = UPGRADES[version]!(upgraded);
  return upgraded;
}

/** A layout without sections, in whose notes the old records stand as they were; anything but a list of records is refused as before. */
function carriedLayouts(layouts: unknown): unknown {
  if (!Array.isArray(layouts) || layouts.length === 0 || !layouts.every(isRecord)) return layouts;
  const notes = JSON.stringify(layouts);
  return [{ id: 'from-version-1', name: 'From version 1', notes, sections: [] }];
}

/** The layouts, every block where version 2 drew it. A document that is none is left to the schema to refuse. */
function layoutsAsDrawn(document: Document): unknown {
  // most have none, and editions are read again and again as they were written
  if (!Array.isArray(document.layouts) || document.layouts.length === 0) return document.layouts;
  const read = specSchema.safeParse({ ...document, ypsiline: specSchema.shape.ypsiline.value });
  if (!read.success || brokenInvariant(read.data) !== null) return document.layouts;
  return read.data.layouts.map((layout) =>
    keepingPlaces(read.data, layout, (breakpoint) => placesOf(read.data, layout, breakpoint, VERSION_2)),
  );
}

function isRecord(value: unknown): boolean {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

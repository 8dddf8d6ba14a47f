type Document = Record<string, unknown>;

/** Brings a document of a version to the next. What it cannot understand it leaves to the schema to refuse. */
const UPGRADES: Readonly<Record<number, (document: Document) => Document>> = {
  // version 2 has trial layouts; what version 1 kept under that name, unread, is carried as a note
  1: (document) => ({ ...document, ypsiline: 2, layouts: carriedLayouts(document.layouts) }),
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

function isRecord(value: unknown): boolean {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

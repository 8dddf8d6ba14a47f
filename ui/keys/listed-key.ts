/** A key as the page lists it; moments as ISO 8601 text. */
export type ListedKey = {
  id: string;
  kind: 'key' | 'link';
  name: string;
  specs: string[] | null;
  madeBy: string;
  madeAt: string;
  lapsesAt: string;
  revokedAt: string | null;
  usedAt: string | null;
};

/** A specification that a key can open. */
export type ListedSpec = { id: string; slug: string; name: string; isPublished: boolean };

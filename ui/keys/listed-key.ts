import type { Wire } from '../../app/wire';
import type { AccessKey } from '../../server/access/keys';

/** A key as the page lists it; moments as ISO 8601 text. */
export type ListedKey = Wire<AccessKey>;

/** A specification that a key can open. */
export type ListedSpec = { id: string; slug: string; name: string; isPublished: boolean };

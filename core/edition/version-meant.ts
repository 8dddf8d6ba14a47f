import semver from 'semver';

/** The address of one edition, which means the same for ever. */
export const EXACT_VERSION = /^\d+\.\d+\.\d+$/;

/** An edition, as far as it matters for which one an address means. */
export type Standing = { version: string; isWithdrawn: boolean };

/**
 * The version that an address means: itself, the newest that begins with `1.2` or `1`, or for `latest` the one that was published last. One that is withdrawn is passed
 * by, unless there is no other; null where there is none.
 *
 *     versionMeant(['2.0.0', '1.10.0', '1.2.0'].map(standing), '1')   // "1.10.0"
 *
 * @param editions those that are published, the last one first
 */
export function versionMeant(editions: readonly Standing[], asked: string): string | null {
  const standing = editions.filter(({ isWithdrawn }) => !isWithdrawn);
  return meantOf(standing, asked) ?? meantOf(editions, asked);
}

function meantOf(editions: readonly Standing[], asked: string): string | null {
  const versions = editions.map(({ version }) => version);
  if (asked === 'latest') return versions[0] ?? null;
  if (versions.includes(asked)) return asked;
  return /^\d{1,6}(\.\d{1,6})?$/.test(asked) ? semver.maxSatisfying(versions, asked) : null;
}

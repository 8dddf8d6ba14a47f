import semver from 'semver';

/**
 * The version that an address means: itself, the newest that begins with `1.2` or `1`, or for `latest` the one that was published last; null where
 * there is none.
 *
 *     versionMeant(['2.0.0', '1.10.0', '1.2.0'], '1')   // "1.10.0"
 *
 * @param versions those that are published, the last one first
 */
export function versionMeant(versions: readonly string[], asked: string): string | null {
  if (asked === 'latest') return versions[0] ?? null;
  if (versions.includes(asked)) return asked;
  return /^\d{1,6}(\.\d{1,6})?$/.test(asked) ? semver.maxSatisfying(versions, asked) : null;
}

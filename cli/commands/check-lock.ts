import { type Answer, readArguments, readText, Unusable, type World } from '../command';
import { LOCK_FILE, readLock } from '../lock-file';
import { digestOf } from '../sha256';

const USAGE = 'check --lock [FILE]';

/**
 * Holds the files of a lock against what is on the disk, without any network: a file that is gone or was changed is named, and the
 * status is 1.
 *
 *     ypsiline check --lock   // "src/grid/grid.css: changed since it was pulled (1.2.0)"
 */
export function checkLock(args: string[], read: (file: string) => string, { bytes }: World): Answer {
  const others = args.filter((arg) => arg !== '--lock');
  const { file } = readArguments(others.length > 0 ? others : [LOCK_FILE], USAGE, {}, 1);
  const { value: lock, problem } = readLock(readText(file, read));
  if (!lock) throw new Unusable(`${file}: ${problem}`);
  const off = Object.entries(lock.files).flatMap(([path, { version, sha256: sum }]) => {
    const is = bytes(path);
    if (is === null) return [`${path}: missing, pull it again (${version})`];
    return digestOf(is) === sum ? [] : [`${path}: changed since it was pulled (${version})`];
  });
  const count = Object.keys(lock.files).length;
  return off.length > 0
    ? { text: off.join('\n'), status: 1 }
    : { text: `${count} ${count === 1 ? 'file is' : 'files are'} as pulled`, status: 0 };
}

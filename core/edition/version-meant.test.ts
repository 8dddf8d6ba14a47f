import { describe, expect, test } from 'vitest';
import { versionMeant } from './version-meant';

const editions = (...versions: string[]) =>
  versions.map((each) => ({ version: each.replace('!', ''), isWithdrawn: each.endsWith('!') }));

describe('the version that an address means', () => {
  // precedence as in Semantic Versioning 2.0.0, item 11; the last one published stands first
  test.each<[string, string[], string, string | null]>([
    ['the last one published, whatever its number', ['1.0.1', '2.0.0', '1.0.0'], 'latest', '1.0.1'],
    ['the greatest of a first number', ['2.0.0', '1.2.0', '1.10.0'], '1', '1.10.0'],
    ['the greatest of two', ['1.2.1', '1.10.0', '1.2.3'], '1.2', '1.2.3'],
    ['itself', ['1.2.1', '1.10.0'], '1.10.0', '1.10.0'],
    ['itself, withdrawn as it is', ['1.2.1', '1.1.0!'], '1.1.0', '1.1.0'],
    ['not one that is withdrawn', ['2.0.0!', '1.1.0', '1.0.0'], 'latest', '1.1.0'],
    ['nor by its first numbers', ['1.2.0!', '1.1.0', '1.0.0'], '1', '1.1.0'],
    ['one that is withdrawn where there is no other', ['1.1.0!', '1.0.0!'], 'latest', '1.1.0'],
    ['and where there is no other of its number', ['2.0.0', '1.0.0!'], '1', '1.0.0'],
    ['none, of none', [], 'latest', null],
    ['none of another number', ['1.0.0'], '3', null],
    ['nothing that is no version', ['1.0.0'], '>=1', null],
  ])('%s', (_, versions, asked, meant) => {
    expect(versionMeant(editions(...versions), asked)).toBe(meant);
  });
});

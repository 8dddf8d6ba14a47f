import { expect, test } from 'vitest';
import { utf16Text } from './utf16';

// Unicode 15, 23.8: the byte order mark
test('UTF-16 in both orders, by its mark', () => {
  expect(utf16Text(new Uint8Array([0xff, 0xfe, 0x61, 0x00, 0x13, 0x20]))).toBe('a–');
  expect(utf16Text(new Uint8Array([0xfe, 0xff, 0x00, 0x61, 0x20, 0x13, 0x00]))).toBe('a–');
  expect(utf16Text(new Uint8Array([0xef, 0xbb, 0xbf, 0x61]))).toBeNull();
});

test('a long text whole', () => {
  const text = 'grid-template-columns: repeat(12, 1fr); '.repeat(2000);
  const bytes = new Uint8Array(2 + text.length * 2);
  bytes.set([0xff, 0xfe]);
  for (let at = 0; at < text.length; at++) bytes[2 + at * 2] = text.charCodeAt(at);
  expect(utf16Text(bytes)).toBe(text);
});

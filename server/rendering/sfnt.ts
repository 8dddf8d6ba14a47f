import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

/** Files that were unpacked; a process draws in the same few again and again. */
const known = new Map<string, Buffer>();

/** A font file of WOFF 1.0 as plain OpenType (W3C Recommendation WOFF File Format 1.0, 3 to 5): unpacked once, by zlib itself. */
export function sfntOf(path: string): Buffer {
  const found = known.get(path) ?? unpacked(readFileSync(path));
  known.set(path, found);
  return found;
}

function unpacked(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') return woff;
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = 44 + index * 20;
    const [offset, packed, length] = [4, 8, 12].map((more) => woff.readUInt32BE(at + more)) as [number, number, number];
    const bytes = woff.subarray(offset, offset + packed);
    return {
      tag: woff.subarray(at, at + 4),
      sum: woff.readUInt32BE(at + 16),
      length,
      bytes: packed < length ? inflateSync(bytes) : bytes,
    };
  });
  const power = 2 ** Math.floor(Math.log2(count));
  const head = Buffer.alloc(12 + count * 16);
  woff.copy(head, 0, 4, 8);
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(power * 16, 6);
  head.writeUInt16BE(Math.log2(power), 8);
  head.writeUInt16BE((count - power) * 16, 10);
  const parts: Buffer[] = [head];
  let end = head.length;
  tables.forEach(({ tag, sum, length, bytes }, index) => {
    const at = 12 + index * 16;
    tag.copy(head, at);
    head.writeUInt32BE(sum, at + 4);
    head.writeUInt32BE(end, at + 8);
    head.writeUInt32BE(length, at + 12);
    // each table begins at a multiple of four
    const padded = Buffer.alloc(Math.ceil(length / 4) * 4);
    bytes.copy(padded);
    parts.push(padded);
    end += padded.length;
  });
  return Buffer.concat(parts);
}

import type { FontFormat } from './font-format';

/**
 * What a font file says that it unpacks to, in bytes: the greater of what its header states and what its tables come
 * to, since a file that is made to harm may state less than it holds. Null where its list of tables is broken off.
 */
export function unpackedSize(file: Buffer, format: FontFormat): number | null {
  if (format === 'ttf' || format === 'otf') return file.length;
  const tables = format === 'woff' ? woffTables(file) : woff2Tables(file);
  return tables === null ? null : Math.max(file.readUInt32BE(16), tables);
}

/** WOFF 1.0, section 4: 20 bytes for each table, its unpacked length at 12. */
function woffTables(file: Buffer): number | null {
  const count = file.readUInt16BE(12);
  if (file.length < 44 + count * 20) return null;
  return Array.from({ length: count }, (_, index) => file.readUInt32BE(44 + index * 20 + 12)).reduce(sum, 0);
}

const HEADER = 48;
/** An entry that spells its tag out; glyf and loca in the list of known tags; the transform that leaves them alone. */
const [SPELT_OUT, GLYF, LOCA, UNTOUCHED] = [63, 10, 11, 3];

/** WOFF 2.0, section 4.1: flags, perhaps a tag, the length, and for transformed tables the transformed length. */
function woff2Tables(file: Buffer): number | null {
  if (file.length < HEADER) return null;
  const reader = { file, at: HEADER };
  let total = 0;
  for (let table = file.readUInt16BE(12); table > 0; table--) {
    const flags = file[reader.at++];
    if (flags === undefined) return null;
    const [tag, transform] = [flags & 63, flags >> 6];
    if (tag === SPELT_OUT) reader.at += 4;
    const isTransformed = tag === GLYF || tag === LOCA ? transform !== UNTOUCHED : transform !== 0;
    const lengths = [base128(reader), ...(isTransformed ? [base128(reader)] : [])];
    if (lengths.includes(null)) return null;
    total += Math.max(...(lengths as number[]));
  }
  return total;
}

/** A number in as many bytes as it needs, seven bits in each (WOFF 2.0, UIntBase128); null where it has no end. */
function base128(reader: { file: Buffer; at: number }): number | null {
  let value = 0;
  for (let byte = 0; byte < 5; byte++) {
    const next = reader.file[reader.at++];
    if (next === undefined) return null;
    value = value * 128 + (next & 127);
    if (next < 128) return value;
  }
  return null;
}

function sum(total: number, next: number): number {
  return total + next;
}

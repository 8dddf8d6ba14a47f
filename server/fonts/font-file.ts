import { FILE_BYTES } from '../../core/limits';
import type { Parsed } from '../../core/parsed';
import type { FontFormat } from './font-format';
import { unpackedSize } from './unpacked-size';

/** What a compressed font may unpack to; the largest fonts of the world's scripts stay under it. */
const LARGEST_UNPACKED = 60 * 1024 * 1024;

const SIGNATURES: Record<string, FontFormat> = {
  '00010000': 'ttf',
  '74727565': 'ttf', // true
  '4f54544f': 'otf', // OTTO
  '774f4646': 'woff', // wOFF
  '774f4632': 'woff2', // wOF2
};

/**
 * What kind of font a file is, by its first bytes and not by its name, and whether it is all there. Nothing of it is
 * unpacked yet. Headers: OpenType 1.9, WOFF 1.0 and WOFF 2.0 (W3C).
 */
export function fontFormat(file: Buffer): Parsed<FontFormat> {
  if (file.length === 0) return { problem: 'This file is empty. Choose a TTF, OTF, WOFF or WOFF2 font.' };
  if (file.length > FILE_BYTES.font) return { problem: tooLarge(file.length) };
  const signature = file.subarray(0, 4).toString('hex');
  if (signature === '74746366') return { problem: 'This file is a font collection. Upload a single font.' };
  const format = SIGNATURES[signature];
  if (!format) return { problem: `This isn’t a font file${looksLike(file)}. Choose a TTF, OTF, WOFF or WOFF2 font.` };
  const needed = format === 'ttf' || format === 'otf' ? lastByteOfTables(file) : statedLength(file);
  if (needed === null || needed > file.length) {
    const says =
      needed === null
        ? 'its header isn’t complete'
        : `it should have ${needed.toLocaleString('en')} bytes and has ${file.length.toLocaleString('en')}`;
    return { problem: `This font is incomplete: ${says}. Copy or export it again.` };
  }
  const unpacked = unpackedSize(file, format);
  if (unpacked === null) return { problem: 'This font is broken: its list of tables has no end. Export it again.' };
  if (unpacked > LARGEST_UNPACKED)
    return {
      problem: `This font unpacks to ${megabytes(unpacked)} MB; at most ${megabytes(LARGEST_UNPACKED)} MB can be read.`,
    };
  return { value: format };
}

export function tooLarge(bytes: number): string {
  return `This file has ${megabytes(bytes)} MB; a font can have up to ${megabytes(FILE_BYTES.font)} MB.`;
}

function megabytes(bytes: number): string {
  return String(Number((bytes / 1024 / 1024).toFixed(1)));
}

/** The length that a WOFF header states. */
function statedLength(file: Buffer): number | null {
  return file.length < 44 ? null : file.readUInt32BE(8);
}

/** Where the last table of a TTF or OTF ends. */
function lastByteOfTables(file: Buffer): number | null {
  if (file.length < 12) return null;
  const tables = file.readUInt16BE(4);
  if (tables === 0 || file.length < 12 + tables * 16) return null;
  return Math.max(
    ...Array.from({ length: tables }, (_, index) => {
      const at = 12 + index * 16;
      return file.readUInt32BE(at + 8) + file.readUInt32BE(at + 12);
    }),
  );
}

/** What the file seems to be instead, for the sentence that refuses it. */
function looksLike(file: Buffer): string {
  const start = file.subarray(0, 256).toString('latin1').trimStart().toLowerCase();
  if (start.startsWith('<svg') || start.includes('<svg')) return ': it’s an SVG drawing';
  if (start.startsWith('<')) return ': it’s a page or an XML file';
  if (start.startsWith('\x89png') || start.startsWith('\xff\xd8') || start.startsWith('gif8'))
    return ': it’s a picture';
  if (start.startsWith('pk')) return ': it’s a zip archive, unpack it first';
  if (start.startsWith('%pdf')) return ': it’s a PDF';
  return '';
}

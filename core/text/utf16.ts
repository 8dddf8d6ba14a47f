/**
 * The text of bytes that begin with the mark of UTF-16 (Unicode 15, 23.8), in either order; null where they do not, and are read as UTF-8. Half a sign at the end
 * is left out.
 *
 *     utf16Text([0xff, 0xfe, 0x61, 0x00])   // "a"
 */
export function utf16Text(bytes: Uint8Array): string | null {
  const [first, second] = bytes;
  const isLittle = first === 0xff && second === 0xfe;
  if (!isLittle && !(first === 0xfe && second === 0xff)) return null;
  const parts: string[] = [];
  for (let at = 2; at + 1 < bytes.length; at += PART) {
    const units: number[] = [];
    for (let own = at; own + 1 < Math.min(bytes.length, at + PART); own += 2)
      units.push(isLittle ? bytes[own]! | (bytes[own + 1]! << 8) : (bytes[own]! << 8) | bytes[own + 1]!);
    parts.push(String.fromCharCode(...units));
  }
  return parts.join('');
}

/** As many bytes as are put together at once: a call takes only so many arguments. */
const PART = 16_384;

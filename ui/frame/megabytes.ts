/** The size of a file in whole MB, as sentences say it: `80`. */
export function megabytes(bytes: number): string {
  return String(Math.round(bytes / 1024 / 1024));
}

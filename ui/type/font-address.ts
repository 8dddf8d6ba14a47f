import type { Font } from '../../core/spec/schema';

/** Where a font's file is read from. */
export function fontAddress(team: string, { file }: Pick<Font, 'file'>): string {
  return `/api/teams/${team}/fonts/${file.split(':')[1]}`;
}

/** The name under which a page knows a font. */
export function faceOf({ file }: Pick<Font, 'file'>): string {
  return `ypsiline-${file.replace(':', '-')}`;
}

import { slug } from '../spec/slug';

/** The name of the custom property that a spacing step becomes, without its dashes: `Space 2` → `space-2`. */
export function cssNameOf(name: string): string {
  return slug(name) || 'space';
}

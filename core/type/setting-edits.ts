import type { Edit } from '../edits/edit';
import { editsWithin } from '../edits/edits-between';
import type { Breakpoint, Spec, TextStyle, TypeSetting } from '../spec/schema';
import { settingAt } from './text-at';

/** The edits that change something of a style's setting at a breakpoint; what it took from a narrower one is written down. */
export function settingEdits(spec: Spec, style: TextStyle, breakpoint: Breakpoint, some: Partial<TypeSetting>): Edit[] {
  const setting = { ...settingAt(spec, style, breakpoint), ...some };
  return editsWithin(['type', style.name, 'at'], style.at, { ...style.at, [breakpoint.id]: setting });
}

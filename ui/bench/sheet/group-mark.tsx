export const GROUP_NAMES = {
  screen: 'Screen',
  columns: 'Columns',
  rows: 'Rows',
  baseline: 'Baseline',
  frame: 'Bars and panels',
} as const;

/** What can be laid over a page, by its name. */
export const OVERLAY_NAMES = { ...GROUP_NAMES, mesh: 'Mesh', guides: 'Guides' } as const;

export type SheetGroup = keyof typeof GROUP_NAMES;

/** The grid families by shape as well as colour: flat plum, amber diagonals, thin teal lines. */
export function GroupMark({ group }: { group: keyof typeof OVERLAY_NAMES }) {
  return (
    <svg width="14" height="10" viewBox="0 0 14 10" aria-hidden="true">
      {group === 'screen' && <rect width="14" height="10" fill="var(--margin-fill)" />}
      {group === 'columns' && <rect width="14" height="10" fill="var(--plum-tint)" />}
      {group === 'rows' && (
        <path d="M0 10 10 0M4 10 14 0M0 5 5 0M9 10l5-5" stroke="var(--amber-tint)" strokeWidth="1.6" fill="none" />
      )}
      {group === 'frame' && <path d="M0 0h14v3H4v7H0z" fill="var(--frame-fill)" />}
      {group === 'mesh' && <path d="M0 .5h14M0 5h14M0 9.5h14M.5 0v10M5 0v10M9.5 0v10M13.5 0v10" stroke="var(--soft)" />}
      {group === 'guides' && <path d="M4.5 0v10M0 6.5h14" stroke="var(--must)" strokeWidth="1.4" />}
      {group === 'baseline' && <path d="M0 1.5h14M0 8.5h14" stroke="var(--teal-tint)" strokeWidth="1.4" />}
    </svg>
  );
}

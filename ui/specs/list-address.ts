/** What is asked of a list of specifications. */
export type Asked = { sought: string; sort: 'changed' | 'name' | 'must-fix'; page: number; archived: boolean };

/** The address of a list: what is usual is left out. */
export function listAddress(team: string, { sought, sort, page, archived }: Asked): string {
  const parameters = new URLSearchParams({
    ...(sought.trim() ? { q: sought.trim() } : {}),
    ...(sort === 'changed' ? {} : { sort }),
    ...(page > 1 ? { page: String(page) } : {}),
    ...(archived ? { archived: '1' } : {}),
  });
  const text = parameters.toString();
  return `/${team}${text ? `?${text}` : ''}`;
}

/** A name that none of the named things has yet: the wanted one, or with a number behind it. */
export function freeName(named: readonly { name: string }[], wanted: string): string {
  const isTaken = (name: string): boolean => named.some((each) => each.name === name);
  if (!isTaken(wanted)) return wanted;
  let number = 2;
  while (isTaken(`${wanted}-${number}`)) number++;
  return `${wanted}-${number}`;
}

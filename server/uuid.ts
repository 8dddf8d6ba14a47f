const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** Is this the text of an id that a database can be asked for? */
export function isUuid(text: string): boolean {
  return UUID.test(text);
}

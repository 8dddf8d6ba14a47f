import { hash, verify } from '@node-rs/argon2';

/** argon2id with the library's parameters (19 MiB, 2 passes), as a PHC string. */
export async function hashPassword(password: string): Promise<string> {
  return hash(password);
}

let nobodysHash: Promise<string> | undefined;

/** Checks a password. Without a hash (an unknown address) it takes the same time and answers no. */
export async function passwordFits(passwordHash: string | undefined, password: string): Promise<boolean> {
  nobodysHash ??= hashPassword('nobody has this password');
  const fits = await verify(passwordHash ?? (await nobodysHash), password);
  return passwordHash !== undefined && fits;
}

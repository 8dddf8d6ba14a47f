/** One line for each step, and one clear line when something is wrong. */

/** @param {string} text */
export function say(text) {
  console.log(`· ${text}`);
}

/** What went wrong and what to do; the scripts end with it, without a stack. */
export class Failure extends Error {}

/**
 * Runs the main part of a script; a Failure ends it with its one line.
 * @param {() => Promise<void>} main
 */
export async function run(main) {
  try {
    await main();
  } catch (error) {
    console.error(error instanceof Failure ? `✗ ${error.message}` : error);
    process.exitCode = 1;
  }
}

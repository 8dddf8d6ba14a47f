import { letApplicationIn } from '../server/database/application-role';
import { connect } from '../server/database/database';
import { fillEditionFiles } from '../server/editions/edition-files';
import { readEnvironment } from '../server/running/environment';
import { migrate } from '../server/database/migrate';
import { isDemo } from '../server/team/people';
import { fillSummaries } from '../server/specs/summaries';
import { DEMO_PEOPLE } from '../server/team/demo-people';
import { seedDemo } from './demo/seed';

/** Migrates the database, seeds the demo team into an empty one, and prints the demo's sign-ins. */
async function prepare(): Promise<void> {
  const { DATABASE_URL, DATABASE_APP_URL, YPSILINE_DEMO } = readEnvironment();
  const sql = connect(DATABASE_URL, 1);
  try {
    await migrate(sql, {
      applicationRole: DATABASE_APP_URL ? decodeURIComponent(new URL(DATABASE_APP_URL).username) : null,
    });
    if (!DATABASE_APP_URL) await letApplicationIn(sql, DATABASE_URL);
    const counted = await fillSummaries(sql);
    const { filled, leftOut } = await fillEditionFiles(sql);
    if (filled > 0) console.log(`· wrote the files of ${filled} editions`);
    for (const each of leftOut) console.log(`· no files for ${each}`);
    if (counted > 0) console.log(`· counted the findings of ${counted} drafts`);
    const [{ teams }] = (await sql`select count(*)::int as teams from teams`) as unknown as [{ teams: number }];
    if (teams === 0 && YPSILINE_DEMO === '1') {
      console.log('· making the demo team, Tidewick Ferries');
      await seedDemo(sql);
    }
    if (await isDemo(sql)) {
      console.log('· demo sign-ins:');
      for (const { email, password, says } of DEMO_PEOPLE)
        console.log(`    ${email.padEnd(26)} ${password.padEnd(18)} ${says}`);
    }
  } finally {
    await sql.end();
  }
}

prepare().catch((error: Error & { code?: string }) => {
  const address = process.env.DATABASE_URL?.replace(/\/\/[^@]*@/, '//…@');
  const refused = ['ECONNREFUSED', 'ENOTFOUND', 'CONNECT_TIMEOUT', '28P01', '3D000', '28000'].includes(
    error.code ?? '',
  );
  console.error(
    refused
      ? `✗ The database at ${address} refuses: ${error.message}. Check DATABASE_URL, or unset it to let Ypsiline start its own.`
      : `✗ ${error.message}`,
  );
  process.exitCode = 1;
});

import { seedDemo } from '../../scripts/demo/seed';
import { letApplicationIn } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { migrate } from '../../server/database/migrate';

/** The database that each worker's is a copy of: the demo is made once. */
export const DEMO_TEMPLATE = 'browser_demo';

/** The cluster's address with another database. */
export const databaseOf = (cluster: string, name: string): string => cluster.replace(/\/[^/]*$/, `/${name}`);

/** Where the tests' cluster is. */
export function clusterUrl(): string {
  const cluster = process.env.YPSILINE_TEST_CLUSTER;
  if (!cluster)
    throw new Error('Browser tests need a PostgreSQL: run them with `npm test -- browser`, which starts one.');
  return cluster;
}

export default async function makeTemplate(): Promise<void> {
  const cluster = clusterUrl();
  const admin = connect(cluster, 1);
  await admin.unsafe(`create database ${DEMO_TEMPLATE}`);
  await admin.end();
  const databaseUrl = databaseOf(cluster, DEMO_TEMPLATE);
  const sql = connect(databaseUrl, 2);
  await migrate(sql);
  await letApplicationIn(sql, databaseUrl);
  await seedDemo(sql);
  await sql.end();
}

import { connect } from '@/server/database';

let count = 0;

/** A new empty database on the test server, by its address. DATABASE_URL names the server (bin/test starts one). */
export async function emptyDatabase(): Promise<string> {
  const server = process.env['DATABASE_URL'];
  if (!server) throw new Error('DATABASE_URL is not set: run the service tests through bin/test');
  count += 1;
  const name = `mozle_test_${process.pid}_${Date.now()}_${count}`;
  const sequelize = connect(server, 1);
  await sequelize.query(`CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4`);
  await sequelize.close();
  return server.replace(/\/[^/]*$/, `/${name}`);
}

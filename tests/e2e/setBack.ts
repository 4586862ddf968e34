import mariadb from 'mariadb';
import { canonicalJson } from '@/core/canonicalJson';
import { sealText } from '@/server/keyFile';

/** Makes a log what it was when it had fewer entries, as bringing in a backup does. DATABASE_URL names the app's database. */
export async function setBack(log: string, seq: number): Promise<void> {
  const connection = await mariadb.createConnection(process.env['DATABASE_URL'] ?? '');
  try {
    await connection.query('DELETE FROM entries WHERE log_id = ? AND seq > ?', [log, seq]);
    const [row] = await connection.query<{ chain: string }[]>(
      'SELECT chain FROM entries WHERE log_id = ? AND seq = ?',
      [log, seq],
    );
    const chain = row?.chain ?? '';
    // A backup holds the seal of its time too.
    const { key, seal } = sealText(process.env['MOZLE_DATA'] ?? '', canonicalJson(['head', log, seq, chain]));
    await connection.query('UPDATE logs SET head_seq = ?, head_chain = ?, head_key = ?, head_seal = ? WHERE id = ?', [
      seq,
      chain,
      key,
      seal,
      log,
    ]);
  } finally {
    await connection.end();
  }
}

import mariadb from 'mariadb';

/** Makes a log what it was when it had fewer entries, as bringing in a backup does. DATABASE_URL names the app's database. */
export async function setBack(log: string, seq: number): Promise<void> {
  const connection = await mariadb.createConnection(process.env['DATABASE_URL'] ?? '');
  try {
    await connection.query('DELETE FROM entries WHERE log_id = ? AND seq > ?', [log, seq]);
    await connection.query(
      'UPDATE logs SET head_seq = ?, head_chain = (SELECT chain FROM entries WHERE log_id = ? AND seq = ?) WHERE id = ?',
      [seq, log, seq, log],
    );
  } finally {
    await connection.end();
  }
}

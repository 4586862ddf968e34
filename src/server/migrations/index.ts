import { DataTypes } from 'sequelize';
import {
  asciiCode,
  code,
  id,
  reference,
  time,
  text,
  table,
  asciiHash,
  keyName,
  kind,
  entryCode,
  column,
  filled,
  withCourse,
  printing,
  printJobs,
} from './shapes';
import type { Migration } from './shapes';

/** The schema's history, oldest first. Append only. */
export const migrations: readonly Migration[] = [
  table('users', {
    id,
    name: { ...text(60), unique: true },
    role: { type: DataTypes.ENUM('coordinator', 'demonstrator'), allowNull: false },
    password_hash: text(255),
  }),
  table('preparations', {
    id,
    title: text(120),
    head_version: { type: DataTypes.INTEGER, allowNull: false },
    updated_at: time(),
  }),
  table(
    'preparation_versions',
    {
      id,
      preparation_id: reference('preparations'),
      version: { type: DataTypes.INTEGER, allowNull: false },
      document: { type: DataTypes.TEXT('medium'), allowNull: false },
      content: code(64),
      author_name: text(60),
      created_at: time(),
    },
    { one_version: { fields: ['preparation_id', 'version'] } },
  ),
  table('classes', {
    id,
    name: text(120),
    join_code: { ...code(6), unique: true },
    preparation_id: reference('preparations'),
    preparation_version: { type: DataTypes.INTEGER, allowNull: false },
  }),
  table(
    'benches',
    {
      id,
      class_id: reference('classes'),
      name: text(60),
      position: { type: DataTypes.INTEGER, allowNull: false },
      pin_hash: text(255),
    },
    { one_name: { fields: ['class_id', 'name'] } },
  ),
  table('sessions', {
    token_hash: { ...code(64), primaryKey: true },
    user_id: reference('users', true),
    bench_id: reference('benches', true),
    created_at: time(),
    expires_at: time(),
    revoked_at: time(true),
  }),
  table('attempts', {
    attempt_key: { type: 'VARCHAR(160) CHARACTER SET ascii COLLATE ascii_bin', primaryKey: true },
    tries: { type: DataTypes.INTEGER, allowNull: false },
    window_ends: time(),
  }),
  table('issued', {
    class_id: { ...reference('classes'), primaryKey: true },
    document: { type: DataTypes.TEXT('medium'), allowNull: false },
    core_version: text(20),
    issued_by: text(60),
    issued_at: time(),
  }),
  table('logs', {
    id,
    class_id: reference('classes'),
    bench_id: { ...reference('benches'), unique: true },
    head_seq: { type: DataTypes.INTEGER, allowNull: false },
    head_chain: code(64),
  }),
  table(
    'entries',
    {
      id,
      log_id: reference('logs'),
      seq: { type: DataTypes.INTEGER, allowNull: false },
      kind: text(20),
      author_id: code(26),
      received: time(),
      content: code(64),
      chain: code(64),
      // Canonical JSON of the draft and its author: the very text whose hash is the content.
      stored: { type: DataTypes.TEXT('medium'), allowNull: false },
    },
    { one_seq: { fields: ['log_id', 'seq'] } },
  ),
  {
    // The log of a class belongs to no bench.
    name: 'logs-of-classes',
    up: (schema) => schema.sequelize.query(`ALTER TABLE logs MODIFY bench_id ${asciiCode} NULL`),
    down: async (schema) => {
      await schema.sequelize.query('DELETE FROM logs WHERE bench_id IS NULL');
      await schema.sequelize.query(`ALTER TABLE logs MODIFY bench_id ${asciiCode} NOT NULL`);
    },
  },
  table(
    'reference_versions',
    {
      id,
      entry_id: { type: entryCode, allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      kind: text(10),
      // JSON of a substance or solution; null takes an own entry away, or brings the shipped one back.
      document: { type: DataTypes.TEXT('medium'), allowNull: true },
      author_name: text(60),
      created_at: time(),
    },
    { one_version: { fields: ['entry_id', 'version'] } },
  ),
  table('confirmations', {
    id,
    entry_id: { type: entryCode, allowNull: false },
    field: text(20),
    // Canonical JSON of the value that was confirmed.
    content: { type: DataTypes.TEXT('medium'), allowNull: false },
    holds: { type: DataTypes.BOOLEAN, allowNull: false },
    author_name: text(60),
    created_at: time(),
  }),
  table('courses', {
    id,
    name: { ...text(120), unique: true },
    version: { type: DataTypes.INTEGER, allowNull: false },
    // JSON of conventions and devices.
    settings: { type: DataTypes.TEXT('medium'), allowNull: false },
    author_name: text(60),
    updated_at: time(),
  }),
  withCourse('preparations'),
  withCourse('classes'),
  {
    name: 'section-of-classes',
    up: (schema) =>
      schema.sequelize.query("ALTER TABLE classes ADD COLUMN IF NOT EXISTS section VARCHAR(60) NOT NULL DEFAULT ''"),
    down: (schema) => schema.sequelize.query('ALTER TABLE classes DROP COLUMN IF EXISTS section'),
  },
  table(
    'members',
    {
      id,
      bench_id: reference('benches'),
      position: { type: DataTypes.INTEGER, allowNull: false },
      name: text(80),
    },
    { one_place: { fields: ['bench_id', 'position'] } },
  ),
  table('files', {
    id,
    log_id: reference('logs'),
    author_id: code(26),
    name: text(120),
    type: text(40),
    bytes: { type: DataTypes.INTEGER, allowNull: false },
    sha256: code(64),
    begun_at: time(),
    // Set once all parts are there and their hash is right.
    complete_at: time(true),
  }),
  table(
    'file_parts',
    {
      id,
      file_id: reference('files'),
      first_byte: { type: DataTypes.INTEGER, allowNull: false },
      part: { type: DataTypes.BLOB('medium'), allowNull: false },
    },
    { one_part: { fields: ['file_id', 'first_byte'] } },
  ),
  // Devices on which somebody has signed in: a stranger's wrong tries do not lock them out.
  table(
    'devices',
    { id, token_hash: code(64), subject: code(26), seen_at: time() },
    { one_subject: { fields: ['token_hash', 'subject'] } },
  ),
  {
    name: 'kind-of-logs',
    up: (schema) => schema.sequelize.query(`ALTER TABLE logs ADD COLUMN IF NOT EXISTS kind ${kind} DEFAULT 'bench'`),
    down: (schema) => schema.sequelize.query('ALTER TABLE logs DROP COLUMN IF EXISTS kind'),
  },
  {
    name: 'kind-of-class-logs',
    up: (schema) => schema.sequelize.query("UPDATE logs SET kind = 'class' WHERE bench_id IS NULL"),
    down: () => Promise.resolve(),
  },
  table(
    'class_staff',
    { id, class_id: reference('classes'), user_id: reference('users') },
    { one_member: { fields: ['class_id', 'user_id'] } },
  ),
  {
    // Whoever could reach every class before goes on reaching those that are there.
    name: 'staff-of-existing-classes',
    up: (schema) =>
      schema.sequelize.query(
        `INSERT IGNORE INTO class_staff (id, class_id, user_id)
         SELECT UPPER(SUBSTRING(SHA2(CONCAT(c.id, u.id), 256), 1, 26)), c.id, u.id FROM classes c CROSS JOIN users u`,
      ),
    down: () => Promise.resolve(),
  },
  {
    name: 'seal-of-heads',
    up: (schema) =>
      schema.sequelize.query(
        `ALTER TABLE logs ADD COLUMN IF NOT EXISTS head_key ${keyName} NULL, ADD COLUMN IF NOT EXISTS head_seal ${asciiHash} NULL,
         ADD COLUMN IF NOT EXISTS as_found DATETIME(3) NULL`,
      ),
    down: (schema) =>
      schema.sequelize.query(
        'ALTER TABLE logs DROP COLUMN IF EXISTS head_key, DROP COLUMN IF EXISTS head_seal, DROP COLUMN IF EXISTS as_found',
      ),
  },
  // What a class was issued with, as hashes under a seal: document, benches, members, logs.
  table('class_seals', {
    class_id: { ...reference('classes'), primaryKey: true },
    stated: { type: DataTypes.TEXT('medium'), allowNull: false },
    seal_key: { type: keyName, allowNull: false },
    seal: code(64),
    as_found: time(true),
  }),
  {
    name: 'disabled-users',
    up: (schema) => schema.sequelize.query('ALTER TABLE users ADD COLUMN IF NOT EXISTS disabled_at DATETIME(3) NULL'),
    down: (schema) => schema.sequelize.query('ALTER TABLE users DROP COLUMN IF EXISTS disabled_at'),
  },
  // One-time links with which somebody sets the first password.
  table('user_links', {
    token_hash: { ...code(64), primaryKey: true },
    user_id: reference('users'),
    expires_at: time(),
  }),
  // Names of authors by what stands for them in their entries: forgetting one leaves every chain whole.
  table('author_names', {
    sealed: { ...code(64), primaryKey: true },
    author_id: code(26),
    salt: code(32),
    name: text(120),
  }),
  {
    name: 'baseline-of-issued',
    up: (schema) => schema.sequelize.query('ALTER TABLE issued ADD COLUMN IF NOT EXISTS baseline MEDIUMTEXT NULL'),
    down: (schema) => schema.sequelize.query('ALTER TABLE issued DROP COLUMN IF EXISTS baseline'),
  },
  // What the benches came to, for views over many classes: disposable, folded anew at any time.
  table('bench_results', {
    bench_id: { ...reference('benches'), primaryKey: true },
    head_seq: { type: DataTypes.INTEGER, allowNull: false },
    class_seq: { type: DataTypes.INTEGER, allowNull: false },
    core_version: text(20),
    done: { type: DataTypes.INTEGER, allowNull: false },
    to_do: { type: DataTypes.INTEGER, allowNull: false },
    share: { type: DataTypes.DOUBLE, allowNull: true },
    numbers: { type: DataTypes.TEXT('medium'), allowNull: false },
  }),
  // Facts that lists ask for are columns: no document is opened for them.
  column('issued', 'title', "VARCHAR(120) NOT NULL DEFAULT ''"),
  filled('issued', 'title', "UPDATE issued SET title = COALESCE(JSON_VALUE(document, '$.title'), '')"),
  column('preparations', 'summary', "VARCHAR(1000) NOT NULL DEFAULT ''"),
  filled(
    'preparations',
    'summary',
    `UPDATE preparations p JOIN preparation_versions v ON v.preparation_id = p.id AND v.version = p.head_version
     SET p.summary = COALESCE(JSON_VALUE(v.document, '$.summary'), '')`,
  ),
  // The shelf: what a list shows and what a preparation is found by. The card is derived, and made anew where it is empty.
  column('preparations', 'card', 'MEDIUMTEXT NULL'),
  column('preparations', 'words', "VARCHAR(8000) NOT NULL DEFAULT ''"),
  column('preparations', 'minutes', 'INTEGER NOT NULL DEFAULT 0'),
  column('preparations', 'tags', "VARCHAR(500) NOT NULL DEFAULT '[]'"),
  column('preparations', 'level', "VARCHAR(20) NOT NULL DEFAULT ''"),
  column('preparations', 'archived_at', 'DATETIME(3) NULL'),
  column('preparations', 'used_at', 'DATETIME(3) NULL'),
  // Why somebody stored a version, in their words.
  column('preparation_versions', 'reason', "VARCHAR(300) NOT NULL DEFAULT ''"),
  // Steps that are kept by themselves, to be put into other procedures.
  table('step_blocks', {
    id,
    title: text(120),
    document: { type: DataTypes.TEXT('medium'), allowNull: false },
    author_name: text(120),
    created_at: time(),
  }),
  // Sheets that are made as PDF, one at a time; kept for an hour.
  table('print_jobs', printJobs),
  // What was decided about what past classes propose.
  table('proposal_decisions', {
    preparation_id: { ...reference('preparations'), primaryKey: true },
    proposal: { type: 'VARCHAR(200) CHARACTER SET ascii COLLATE ascii_bin', allowNull: false, primaryKey: true },
    decision: code(8),
    author_name: text(120),
    decided_at: time(),
  }),
  // Codes that let one new tablet in at a bench, for some minutes.
  table('admissions', {
    id,
    bench_id: reference('benches'),
    code_hash: code(64),
    author_name: text(120),
    expires_at: time(),
  }),
  // What a print is of is named by its kind and id: not only preparations are printed. All that stood in the first table is gone in an hour.
  table('prints', {
    ...printing,
    subject_kind: code(12),
    subject_id: code(26),
    version: { type: DataTypes.INTEGER, allowNull: true },
    title: text(120),
  }),
  {
    name: 'drop-print_jobs',
    up: (schema) => schema.dropTable('print_jobs'),
    down: (schema) => schema.createTable('print_jobs', printJobs, { charset: 'utf8mb4' }),
  },
];

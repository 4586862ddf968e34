import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

// Keys and anchors of a suite lie in a folder of its own, which goes with it.
const folder = mkdtempSync(join(tmpdir(), 'mozle-data-'));
process.env['MOZLE_DATA'] = folder;
process.on('exit', () => rmSync(folder, { recursive: true, force: true }));

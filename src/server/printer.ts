import 'server-only';
import { spawn, spawnSync } from 'node:child_process';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { config } from './config';

const deadlineMs = 60_000;
const lookEveryMs = 400;

let found: boolean | undefined;

/** Whether this machine has the browser that makes PDFs. Asked once: it does not come and go. */
export function canPrint(): boolean {
  found ??= config.chromium !== '' && spawnSync('which', [config.chromium]).status === 0;
  return found;
}

/** How a print ended. */
export type Printed =
  | { readonly ok: true; readonly pdf: Buffer }
  | { readonly ok: false; readonly cancelled: boolean; readonly says: string };

/**
 * Prints a page to PDF by Chromium, in a process and a profile of its own.
 *
 * @param isWanted asked now and then; once it says no, the process is ended
 */
export async function printPage(url: string, isWanted: () => Promise<boolean>): Promise<Printed> {
  const folder = await mkdtemp(join(tmpdir(), 'mozle-print-'));
  const file = join(folder, 'sheet.pdf');
  try {
    const { code, cancelled } = await runChromium(
      [
        '--headless',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--no-first-run',
        '--no-pdf-header-footer',
        // The sandbox cannot be had as root.
        ...(process.getuid?.() === 0 ? ['--no-sandbox'] : []),
        `--user-data-dir=${folder}`,
        `--print-to-pdf=${file}`,
        url,
      ],
      isWanted,
    );
    if (cancelled) return { ok: false, cancelled, says: 'It was cancelled.' };
    const pdf = await readFile(file).catch(() => undefined);
    return code === 0 && pdf
      ? { ok: true, pdf }
      : { ok: false, cancelled: false, says: 'The sheet could not be drawn in time. Try the print dialog.' };
  } finally {
    await rm(folder, { recursive: true, force: true, maxRetries: 3 });
  }
}

function runChromium(
  args: readonly string[],
  isWanted: () => Promise<boolean>,
): Promise<{ readonly code: number | null; readonly cancelled: boolean }> {
  return new Promise((resolve) => {
    let cancelled = false;
    const child = spawn(config.chromium, args, { stdio: 'ignore', detached: true });
    // The whole group: Chromium has children of its own.
    const end = () => {
      if (child.pid !== undefined && child.exitCode === null)
        try {
          process.kill(-child.pid, 'SIGKILL');
        } catch {
          // It has ended by itself meanwhile.
        }
    };
    const late = setTimeout(end, deadlineMs);
    const look = setInterval(() => {
      isWanted().then(
        (wanted) => {
          if (wanted) return;
          cancelled = true;
          end();
        },
        () => undefined,
      );
    }, lookEveryMs);
    const over = (code: number | null) => {
      clearTimeout(late);
      clearInterval(look);
      resolve({ code, cancelled });
    };
    child.on('error', () => over(null));
    child.on('close', over);
  });
}

import { createStream } from 'rotating-file-stream';

const mostWaitingBytes = 1_000_000;
const againMs = 10_000;

/**
 * The app's log in a data folder: turned over at 10 MB, the last five kept. What cannot be written (a full disk, a slow one) is let
 * go and counted; nobody waits for it.
 */
export function appLog(folder) {
  let stream;
  let lost = 0;
  const open = () => {
    stream = createStream('app.log', { path: folder, size: '10M', maxFiles: 5, mode: 0o600 });
    stream.on('error', () => {
      stream = undefined;
      setTimeout(open, againMs).unref();
    });
  };
  open();
  return {
    write(part) {
      if (!stream || stream.writableLength > mostWaitingBytes) {
        lost += 1;
        return;
      }
      if (lost > 0) stream.write(`${JSON.stringify({ level: 40, app: 'mozle', msg: 'log lines lost', lost })}\n`);
      lost = 0;
      stream.write(part);
    },
  };
}

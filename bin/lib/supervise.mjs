import { end, say } from './system.mjs';

const firstPauseMs = 500;
const longestPauseMs = 30_000;
const steadyMs = 60_000;

/**
 * Keeps a process running: started again when it ends, killed and started again when it no longer answers.
 *
 * @param name for the operator
 * @param start starts it and answers the child once it works
 * @param alive whether it answers; asked again and again while it runs
 * @returns how to stop it for good
 */
export async function supervise({ name, start, alive, everyMs = 5000, mostFailures = 4 }) {
  let stopped = false;
  let child = await start();
  let wake = () => undefined;
  const pause = (ms) =>
    new Promise((next) => {
      const timer = setTimeout(next, ms);
      wake = () => (clearTimeout(timer), next());
    });
  const gone = () => child.exitCode !== null || child.signalCode !== null;
  const watch = async () => {
    let failures = 0;
    while (!stopped && !gone()) {
      await pause(everyMs);
      if (stopped || gone()) return;
      failures = (await alive()) ? 0 : failures + 1;
      if (failures < mostFailures) continue;
      say(`${new Date().toISOString()} ${name} does not answer: it is ended and started again`);
      child.kill('SIGKILL');
      await new Promise((next) => (gone() ? next() : child.once('exit', next)));
    }
  };
  const keep = async () => {
    let pauseMs = firstPauseMs;
    for (;;) {
      const since = Date.now();
      await watch();
      if (stopped) return;
      say(`${new Date().toISOString()} ${name} ended (${child.signalCode ?? child.exitCode}); it is started again`);
      pauseMs = Date.now() - since > steadyMs ? firstPauseMs : Math.min(longestPauseMs, pauseMs * 2);
      for (;;) {
        await pause(pauseMs);
        if (stopped) return;
        try {
          child = await start();
          break;
        } catch (error) {
          say(`${new Date().toISOString()} ${name} does not start: ${error.message}`);
          pauseMs = Math.min(longestPauseMs, pauseMs * 2);
        }
      }
    }
  };
  const keeping = keep();
  return {
    stop: async (patience) => {
      stopped = true;
      wake();
      await end(child, patience);
      await keeping;
    },
  };
}

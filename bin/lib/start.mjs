import { launch } from './launch.mjs';
import { runScript } from './app.mjs';
import { settingOf } from './sources.mjs';
import { say } from './system.mjs';

const [unknown] = process.argv.slice(2);
if (unknown) {
  console.error(`Unknown option ${unknown}. bin/start takes none; its settings are variables, listed in README.md.`);
  process.exit(1);
}
await launch({
  // Demo data are for bin/demo alone.
  env: { MOZLE_DEMO: '' },
  onReady: async ({ at, env }) => {
    const { output } = await runScript('accounts', ['first'], env);
    say(`Mozle is ready: ${settingOf('PUBLIC_URL') || `http://localhost:${at}`}`);
    if (output.trim()) say(`\n${output.trim()}\n`);
    say(`Logs and keys are in ${settingOf('MOZLE_DATA')}/. Ctrl-C stops everything.`);
  },
});

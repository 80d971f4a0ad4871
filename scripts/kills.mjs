// npm run kills [ROUNDS [SEED]]: the long run of tests/e2e/kills.spec.ts and killedAnywhere.spec.ts, so many rounds each, against a build of its own.
import { join } from 'node:path';
import { build, freePort, install, root, run, serve } from './steps.mjs';

const [rounds = '200', seed = '20261127'] = process.argv.slice(2);
install();
if (build() !== 0) process.exit(1);
const port = await freePort(4300);
const { stop } = await serve(port);
const status = run(join(root, 'node_modules', '.bin', 'playwright'), ['test', 'kill'], {
  env: {
    ...process.env,
    RILLBANK_URL: `http://127.0.0.1:${port}`,
    KILLS: rounds,
    KILLS_SEED: seed,
  },
});
stop();
process.exit(status);

// npm run offline: every journey again, each on a device whose network is cut once the app was opened, against a build of its own.
import { join } from 'node:path';
import { build, freePort, install, root, run, serve } from './steps.mjs';

install();
if (build() !== 0) process.exit(1);
const port = await freePort(4300);
const { stop } = await serve(port);
const status = run(
  join(root, 'node_modules', '.bin', 'playwright'),
  ['test', '--grep-invert', '@service|@own-devices'],
  { env: { ...process.env, RILLBANK_URL: `http://127.0.0.1:${port}`, RILLBANK_CUT: '1' } },
);
stop();
process.exit(status);

// npm run demo: installs what is needed, builds, starts with the demo set, prints the address.
import { build, freePort, install, serve } from './steps.mjs';

install();
if (build() !== 0) process.exit(1);
const port = await freePort(Number(process.env.PORT ?? 3000));
const { server } = await serve(port, { RILLBANK_DEMO: '1' });
console.log(`\nRillbank is open at http://localhost:${port}\nStop it with Ctrl C.`);
server.on('exit', (code) => process.exit(code ?? 0));

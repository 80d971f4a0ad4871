import { chromium, type Browser, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';

/** A browser over a profile of its own that can be killed as a machine's power cut would. */
export interface KillableBrowser {
  readonly browser: Browser;
  readonly page: Page;
  /** SIGKILL to the browser and all its processes; nothing is finished, nothing is flushed. */
  readonly kill: () => Promise<void>;
  /** Ends it as a person does. */
  readonly close: () => Promise<void>;
}

const ARGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  '--remote-debugging-port=0',
  '--window-size=1280,900',
];

/** Starts Chromium over a profile folder. After a kill it sometimes comes up deaf: then it is started again. */
export async function killable(profile: string): Promise<KillableBrowser> {
  for (let tries = 1; ; tries += 1)
    try {
      return await started(profile);
    } catch (error) {
      if (tries === 4) throw error;
    }
}

async function started(profile: string): Promise<KillableBrowser> {
  const process_ = spawn('/usr/bin/chromium', [...ARGS, `--user-data-dir=${profile}`], {
    detached: true,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  const gone = new Promise<void>((resolve) => process_.on('exit', () => resolve()));
  const address = await new Promise<string>((resolve, reject) => {
    let told = '';
    process_.stderr.on('data', (text: Buffer) => {
      told += text.toString();
      const found = /DevTools listening on (ws:\S+)/.exec(told)?.[1];
      if (found) resolve(found);
    });
    process_.on('exit', () => reject(new Error(`Chromium did not start: ${told.slice(-400)}`)));
  });
  const end = async (signal: NodeJS.Signals) => {
    if (process_.pid) process.kill(-process_.pid, signal);
    await gone;
  };
  const browser = await chromium.connectOverCDP(address, { timeout: 20_000 }).catch((error) => {
    void end('SIGKILL');
    throw error;
  });
  const context = browser.contexts()[0]!;
  const page = context.pages()[0] ?? (await context.newPage());
  return {
    browser,
    page,
    kill: () => end('SIGKILL'),
    close: async () => {
      await browser.close().catch(() => undefined);
      await end('SIGTERM').catch(() => undefined);
    },
  };
}

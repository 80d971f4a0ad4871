/**
 * npm run hour [MINUTES [URL]]: uses the built app for an hour in one and the same page, room after room, and tells whether its memory
 * stays flat: what JavaScript holds in the page and in its workers after a collection, nodes and listeners of the page, and what their
 * process takes.
 */
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const minutes = Number(process.argv[2] ?? 60);
const ROOMS = ['Rounds', 'Diary', 'Plant book', 'Shelf', 'Trolley', 'Yard'];
/** What may come on top between the second quarter of the time and the last: a tenth, or so many MB. */
const MAY_GROW = 1.1;
const MAY_GROW_MB = 6;

interface Figures {
  readonly heapMb: number;
  readonly workersMb: number;
  readonly nodes: number;
  readonly listeners: number;
  readonly processMb: number;
}

/** The workers of a page, asked through the page's own session. */
async function workersOf(cdp: CDPSession): Promise<{ readonly heldMb: () => Promise<number> }> {
  const open = new Set<string>();
  const waiting = new Map<number, (answer: unknown) => void>();
  let last = 0;
  cdp.on('Target.attachedToTarget', ({ sessionId, targetInfo }) => {
    if (targetInfo.type === 'worker') open.add(sessionId);
  });
  cdp.on('Target.detachedFromTarget', ({ sessionId }) => void open.delete(sessionId));
  cdp.on('Target.receivedMessageFromTarget', ({ message }) => {
    const { id, result } = JSON.parse(message) as { readonly id: number; readonly result: unknown };
    waiting.get(id)?.(result);
    waiting.delete(id);
  });
  await cdp.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false,
  });
  const ask = (sessionId: string, method: string): Promise<unknown> =>
    new Promise((resolve) => {
      const id = (last += 1);
      waiting.set(id, resolve);
      const message = JSON.stringify({ id, method });
      void cdp.send('Target.sendMessageToTarget', { sessionId, message });
    });
  return {
    heldMb: async () => {
      let bytes = 0;
      for (const worker of open) {
        await ask(worker, 'HeapProfiler.enable');
        await ask(worker, 'HeapProfiler.collectGarbage');
        bytes += ((await ask(worker, 'Runtime.getHeapUsage')) as { readonly usedSize: number })
          .usedSize;
      }
      return bytes / 1e6;
    },
  };
}

async function figuresOf(
  cdp: CDPSession,
  { heldMb }: Awaited<ReturnType<typeof workersOf>>,
): Promise<Figures> {
  // Left to itself a worker lets garbage lie until much of it has gathered: that is no growth.
  const workersMb = await heldMb();
  await cdp.send('HeapProfiler.collectGarbage');
  const { usedSize } = (await cdp.send('Runtime.getHeapUsage')) as { readonly usedSize: number };
  const { metrics } = await cdp.send('Performance.getMetrics');
  const metric = (name: string) => metrics.find((one) => one.name === name)?.value ?? 0;
  return {
    heapMb: usedSize / 1e6,
    workersMb,
    nodes: metric('Nodes'),
    listeners: metric('JSEventListeners'),
    processMb: largestRendererMb(),
  };
}

/** Resident memory of the largest page process of this browser, with its workers, MB. */
function largestRendererMb(): number {
  const told = execFileSync('ps', ['-eo', 'rss,args'], { encoding: 'utf8', maxBuffer: 1e8 });
  const sizes = told
    .split('\n')
    .filter((line) => line.includes('--type=renderer') && line.includes(PROFILE))
    .map((line) => Number(line.trim().split(' ')[0]) / 1000);
  return Math.max(0, ...sizes);
}
/** What of Playwright's own is asked here; it has no public name. */
interface OfPlaywright {
  readonly _connection: {
    readonly toImpl: (page: Page) => {
      readonly delegate: {
        readonly _mainFrameSession: {
          readonly _client: { readonly send: (method: string) => Promise<unknown> };
        };
      };
    };
  };
}

/**
 * A page that is watched keeps every answer it was given, pictures too, so that whoever watches may ask for them: hundreds of MB in an
 * hour that no gardener's browser holds. Here nobody asks.
 */
async function letGoOfAnswers(page: Page): Promise<void> {
  const { delegate } = (page as unknown as OfPlaywright)._connection.toImpl(page);
  await delegate._mainFrameSession._client.send('Network.disable');
}

/** Its profile tells this browser's processes from those of others. */
const PROFILE = mkdtempSync(join(tmpdir(), 'rillbank-hour-'));

async function once(page: Page, round: number): Promise<void> {
  for (const name of ROOMS) {
    await page
      .getByRole('navigation', { name: 'Rooms' })
      .getByRole('link', { name, exact: true })
      .click();
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    await page.waitForTimeout(1200);
  }
  // On the Bench something is moved, turned, set back, looked at in another week, and gone away from.
  await page
    .locator('[data-strip] a[href*="/bench"]')
    .nth(round % 5)
    .click();
  await page.locator('[data-place]').first().waitFor();
  const plant = page.locator('[data-place]').nth(round % 3);
  for (const key of ['ArrowLeft', 'r', 'ArrowUp']) {
    await plant.focus();
    await page.keyboard.press(key);
    await page.waitForTimeout(250);
  }
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Control+z');
  const week = page.getByRole('slider').first();
  await week.focus();
  for (let i = 0; i < 6; i += 1) await page.keyboard.press(i < 3 ? 'ArrowRight' : 'ArrowLeft');
  await page.waitForTimeout(1500);
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const context = await chromium.launchPersistentContext(PROFILE, {
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
  viewport: { width: 1280, height: 800 },
});
const page = await context.newPage();
const url = process.argv[3] ?? 'http://127.0.0.1:3100';
await page.goto(`${url}/shed`);
await page.getByRole('button', { name: 'Load the demo set' }).click();
await page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
await letGoOfAnswers(page);
const cdp = await context.newCDPSession(page);
await cdp.send('Performance.enable');
const workers = await workersOf(cdp);

const began = Date.now();
const told: Figures[] = [];
for (let round = 0; Date.now() - began < minutes * 60_000; round += 1) {
  await once(page, round);
  const figures = await figuresOf(cdp, workers);
  told.push(figures);
  const { heapMb, workersMb, nodes, listeners, processMb } = figures;
  console.log(
    `${((Date.now() - began) / 60_000).toFixed(1)} min: ${heapMb.toFixed(1)} MB held, ${workersMb.toFixed(1)} by workers, ${nodes} nodes, ${listeners} listeners, process ${processMb.toFixed(0)} MB`,
  );
}
await context.close();
rmSync(PROFILE, { recursive: true, force: true });

const quarter = Math.floor(told.length / 4);
const [early, late] = [told.slice(quarter, 2 * quarter), told.slice(-quarter)];
let isFlat = quarter > 0;
for (const key of ['heapMb', 'workersMb', 'nodes', 'listeners', 'processMb'] as const) {
  const [was, is] = [median(early.map((one) => one[key])), median(late.map((one) => one[key]))];
  const isSame = is <= Math.max(was * MAY_GROW, was + (key.endsWith('Mb') ? MAY_GROW_MB : 0));
  isFlat &&= isSame;
  console.log(
    `${key}: ${was.toFixed(1)} in the second quarter, ${is.toFixed(1)} in the last${isSame ? '' : '  ← grows'}`,
  );
}
console.log(isFlat ? 'Flat.' : 'Not flat.');
process.exit(isFlat ? 0 : 1);

/**
 * npm run hour [MINUTES [URL]]: uses the built app for an hour in one and the same page, room after room, and tells whether its memory
 * stays flat: what JavaScript holds in the page and in its workers after a collection, nodes and listeners of the page, and what their
 * process takes.
 */
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
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
/** Its profile tells this browser's processes from those of others. */
const PROFILE = mkdtempSync(join(tmpdir(), 'rillbank-hour-'));

/** What the hand in the page has done so far. */
interface Done {
  readonly rounds: number;
  readonly edits: number;
  /** It has ended a round and stands still: every look is at the same room. */
  readonly isResting: boolean;
  /** What it did not find, the first time. */
  readonly missed: string | null;
}

/**
 * A hand in the page itself: it walks from room to room, and on the Bench moves something, sets it back, and looks at other weeks. Nobody
 * watches: a page that is watched keeps all it is asked for and every answer it was given, which no gardener's browser does.
 */
async function walk(page: Page): Promise<void> {
  // What runs this script names functions by a helper that the page does not have.
  await page.evaluate('window.__name = (it) => it');
  await page.evaluate((rooms) => {
    const done = { rounds: 0, edits: 0, isResting: false, missed: null as string | null };
    Object.assign(window, { done });
    const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
    const find = async (name: string, what: () => Element | null | undefined) => {
      for (let tries = 0; tries < 200; tries += 1) {
        const found = what();
        if (found instanceof HTMLElement || found instanceof SVGElement) return found;
        await pause(50);
      }
      done.missed ??= `${name} in round ${done.rounds}`;
      return null;
    };
    const press = (on: EventTarget, key: string, more: KeyboardEventInit = {}) =>
      on.dispatchEvent(
        new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }),
      );
    const click = (it: HTMLElement | SVGElement | null) =>
      it?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    const bench = async () => {
      click(
        await find('a container', () => {
          const links = document.querySelectorAll('[data-strip] a[href*="/bench"]');
          return links[done.rounds % Math.min(5, links.length)];
        }),
      );
      const place = () => {
        const places = document.querySelectorAll('[data-place]');
        return places[done.rounds % Math.min(3, places.length)];
      };
      for (const key of ['ArrowLeft', 'r', 'ArrowUp']) {
        const plant = await find('a plant', place);
        if (!plant) return;
        const before = plant.outerHTML;
        plant.focus();
        press(plant, key);
        await pause(400);
        if (place()?.outerHTML !== before) done.edits += 1;
      }
      for (let i = 0; i < 3; i += 1) press(document.body, 'z', { ctrlKey: true });
      const week = await find('the weeks', () => document.querySelector('[role="slider"]'));
      week?.focus();
      for (let i = 0; week && i < 6; i += 1) press(week, i < 3 ? 'ArrowRight' : 'ArrowLeft');
      await pause(1500);
    };
    void (async () => {
      for (;;) {
        for (const room of rooms) {
          const link = () =>
            [...document.querySelectorAll('nav[aria-label="Rooms"] a')].find(
              ({ textContent }) => textContent === room,
            );
          click(await find(room, link));
          await pause(1200);
          await find(`the head of ${room}`, () => document.querySelector('h1'));
        }
        await bench();
        done.rounds += 1;
        done.isResting = true;
        await pause(3000);
        done.isResting = false;
      }
    })();
  }, ROOMS);
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Looks taken at the page in the whole time: few, since each leaves a little of its own in the page. */
const LOOKS = 8;

const browser = spawn(
  '/usr/bin/chromium',
  [
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--no-first-run',
    '--disable-background-networking',
    '--remote-debugging-port=0',
    '--window-size=1280,800',
    `--user-data-dir=${PROFILE}`,
    'about:blank',
  ],
  { stdio: 'ignore' },
);
// However this ends, no browser is left behind at work.
process.on('exit', () => browser.kill());
process.on('SIGINT', () => process.exit(1));
process.on('SIGTERM', () => process.exit(1));
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const portFile = join(PROFILE, 'DevToolsActivePort');
while (!existsSync(portFile)) await pause(100);
const port = readFileSync(portFile, 'utf8').split('\n')[0];

/** Comes to the page, does or reads something, and goes again. */
async function visit<T>(what: (page: Page) => Promise<T>): Promise<T> {
  const watcher = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
  const [page] = watcher.contexts()[0]!.pages();
  const answer = await what(page!);
  await watcher.close();
  return answer;
}

const url = process.argv[3] ?? 'http://127.0.0.1:3100';
await visit(async (page) => {
  await page.goto(`${url}/shed`);
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
  await walk(page);
});

const began = Date.now();
const told: Figures[] = [];
let done: Done = { rounds: 0, edits: 0, isResting: false, missed: null };
const isResting = () => (window as unknown as { readonly done: Done }).done.isResting;
for (let look = 1; look <= LOOKS; look += 1) {
  await pause(Math.max(0, began + (look / LOOKS) * minutes * 60_000 - Date.now()));
  const figures = await visit(async (page) => {
    await page.waitForFunction(isResting, undefined, { timeout: 120_000 });
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Performance.enable');
    done = await page.evaluate(() => (window as unknown as { readonly done: Done }).done);
    return figuresOf(cdp, await workersOf(cdp));
  });
  told.push(figures);
  const { heapMb, workersMb, nodes, listeners, processMb } = figures;
  console.log(
    `${((Date.now() - began) / 60_000).toFixed(1)} min, ${done.rounds} rounds, ${done.edits} edits: ${heapMb.toFixed(1)} MB held, ${workersMb.toFixed(1)} by workers, ${nodes} nodes, ${listeners} listeners, process ${processMb.toFixed(0)} MB`,
  );
}
const gone = once(browser, 'exit');
browser.kill();
await gone;
if (done.missed) console.log(`Not found: ${done.missed}`);

const quarter = Math.floor(told.length / 4);
const [early, late] = [told.slice(quarter, 2 * quarter), told.slice(-quarter)];
let isFlat = quarter > 0 && done.edits > done.rounds && done.missed === null;
for (const key of ['heapMb', 'workersMb', 'nodes', 'listeners', 'processMb'] as const) {
  const [was, is] = [median(early.map((one) => one[key])), median(late.map((one) => one[key]))];
  const isSame = is <= Math.max(was * MAY_GROW, was + (key.endsWith('Mb') ? MAY_GROW_MB : 0));
  isFlat &&= isSame;
  console.log(
    `${key}: ${was.toFixed(1)} in the second quarter, ${is.toFixed(1)} in the last${isSame ? '' : '  ← grows'}`,
  );
}
console.log(isFlat ? 'Flat.' : 'Not flat.');
// Processes of the browser may write for a moment yet; a profile that stays is no reason to lose the figures.
try {
  rmSync(PROFILE, { recursive: true, force: true, maxRetries: 10, retryDelay: 300 });
} catch {
  console.log(`${PROFILE} could not be taken away.`);
}
process.exit(isFlat ? 0 : 1);

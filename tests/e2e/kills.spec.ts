import { expect, OWN_DEVICES, test, type Page } from '../builders/journey';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hash01 } from '@/core/random/hash';
import { expectReadable, rowsOf } from '../builders/databaseRows';
import { killable, type KillableBrowser } from '../builders/killableBrowser';

/** How often the browser is killed, closed or left in the midst of work; `npm run kills` asks for many more. */
const ROUNDS = Number(process.env.KILLS ?? 3);
const SEED = Number(process.env.KILLS_SEED ?? 20261127);
/** A long run tells how far it is every so many rounds. */
const TELLS_EVERY = 20;
/** Work younger than this may be missing after a kill on a machine that does nothing else, ms. */
const MAY_BE_LOST_MS = 50;
/** On a busy one, younger than so many times what storing one change has just taken there. */
const TIMES_STORED = 2;

const URL = process.env.RILLBANK_URL ?? 'http://127.0.0.1:3100';
const BENCH = `${URL}/bench?planting=demo-tub-1`;

/** What is shown of the planting: every plant with its place, in words. */
const shown = (page: Page) =>
  page.$$eval('[data-place]', (plants) =>
    plants.map((one) => `${one.getAttribute('data-place')}: ${one.getAttribute('aria-label')}`),
  );

async function atTheBench(page: Page): Promise<void> {
  await page.goto(BENCH);
  await page.locator('[data-place]').first().waitFor({ timeout: 60_000 });
}

/** Id of the last step that the database holds. */
const lastKept = async (page: Page) =>
  ((await rowsOf(page)).steps ?? [])
    .map((step) => (step as { id: string }).id)
    .sort()
    .at(-1) ?? '';

/** How long a change takes from the key to the database here and now, as seen from outside, ms. */
async function timeToStore(page: Page): Promise<number> {
  const before = await lastKept(page);
  const plant = page.locator('[data-place]').first();
  await plant.focus();
  await page.keyboard.press('r');
  const from = Date.now();
  await expect.poll(() => lastKept(page), { intervals: [5] }).not.toBe(before);
  return Date.now() - from;
}

/** One change of a seeded kind, made as a person makes it. */
async function change(page: Page, pick: (many: number, salt: number) => number): Promise<void> {
  const plants = page.locator('[data-place]');
  const plant = plants.nth(pick(await plants.count(), 1));
  const what = pick(6, 2);
  if (what === 0) {
    const box = (await plant.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 30 - pick(60, 3), box.y + 30 - pick(60, 4), { steps: 4 });
    await page.mouse.up();
    return;
  }
  await plant.focus();
  const keys = ['ArrowLeft', 'ArrowUp', 'Shift+ArrowRight', 'd', 'r'];
  if (what === 4 && (await plants.count()) > 14) await page.keyboard.press('Delete');
  else await page.keyboard.press(keys[what - 1]!);
}

test(
  `work in the midst of which the browser is killed, closed or left is kept (seed ${SEED}, ${ROUNDS} rounds)`,
  OWN_DEVICES,
  async () => {
    test.setTimeout(60_000 + ROUNDS * 60_000);
    const profile = mkdtempSync(join(tmpdir(), 'rillbank-kills-'));
    let here: KillableBrowser | null = null;
    try {
      here = await killable(profile);
      await here.page.goto(`${URL}/shed`);
      await here.page.getByRole('button', { name: 'Load the demo set' }).click();
      await here.page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
      for (let round = 0; round < ROUNDS; round += 1) {
        const pick = (many: number, salt: number) => Math.floor(hash01(SEED, round, salt) * many);
        await atTheBench(here.page);
        const mayBeLostMs = Math.max(MAY_BE_LOST_MS, TIMES_STORED * (await timeToStore(here.page)));
        const states = [{ at: 0, labels: await shown(here.page) }];
        const changes = 2 + pick(4, 11);
        for (let i = 0; i < changes; i += 1) {
          await change(here.page, (many, salt) => pick(many, 100 + i * 10 + salt));
          states.push({ at: Date.now(), labels: await shown(here.page) });
        }
        const how = (['kill', 'close', 'leave'] as const)[round % 3]!;
        if (how === 'kill') await here.page.waitForTimeout(pick(3 * mayBeLostMs, 12));
        const ended = Date.now();
        if (how === 'kill') await here.kill();
        else if (how === 'close') {
          const other = await here.browser.contexts()[0]!.newPage();
          await here.page.close();
          here = { ...here, page: other };
        } else await here.page.goto(`${URL}/shed`);
        if (how === 'kill') here = await killable(profile);

        await atTheBench(here.page);
        // Only a kill may cost the last moment; whoever closes or leaves loses nothing that was shown.
        const due = states.filter(({ at }) => how !== 'kill' || at < ended - mayBeLostMs);
        const least = due.length - 1;
        const allowed = states.slice(least).map(({ labels }) => labels);
        const { page } = here;
        await expect
          .poll(async () => {
            const now = await shown(page);
            return allowed.some((labels) => same(labels, now))
              ? 'kept'
              : [round, how, now, allowed];
          })
          .toBe('kept');
        expectReadable(await rowsOf(here.page), [round, how]);
        if ((round + 1) % TELLS_EVERY === 0) console.log(`${round + 1} of ${ROUNDS} kept`);
      }
    } finally {
      await here?.kill().catch(() => undefined);
      rmSync(profile, { recursive: true, force: true });
    }
  },
);

function same(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((one, i) => one === b[i]);
}

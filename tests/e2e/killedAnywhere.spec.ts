import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hash01 } from '@/core/random/hash';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { expectReadable, layDown, rowsOf, type Row, type Rows } from '../builders/databaseRows';
import { expect, OWN_DEVICES, test, type Page } from '../builders/journey';
import { killable, type KillableBrowser } from '../builders/killableBrowser';
import { picture } from '../builders/picture';

/** How often the browser is killed; `npm run kills` asks for many more. */
const ROUNDS = Number(process.env.KILLS ?? 6);
const SEED = Number(process.env.KILLS_SEED ?? 20261129);
/** A long run tells how far it is every so many rounds. */
const TELLS_EVERY = 20;
const URL = process.env.RILLBANK_URL ?? 'http://127.0.0.1:3100';

/** What a gardener has, in these tables. Marks of other devices and steps follow from it. */
const HELD = ['spots', 'plantings', 'shelf', 'groups', 'entries', 'photos', 'kinds', 'kept'];
const DEMO_PLANTINGS = rillbankHalt().plantings.length;
const DATABASES = join(__dirname, '../golden/databases');

/** Something that writes much at once, and of which half must never be found. */
interface Deed {
  readonly name: string;
  /** What must stand before it can begin. */
  readonly ready: (page: Page) => Promise<void>;
  /** Begins it, without waiting for its end. */
  readonly begin: (page: Page) => Promise<void>;
  /** How long it usually takes, ms: the kill falls within twice of it. */
  readonly usualMs: number;
  /** Has the page said that it is done? Then it must be. */
  readonly isTold: (page: Page) => Promise<boolean>;
  /** Is this what stands after it, seen from what stood before? */
  readonly isAfter: (now: Rows, before: Rows) => boolean;
}

const textOf = (rows: Rows, table: string): readonly string[] =>
  (rows[table] ?? []).map((row) => JSON.stringify(row)).sort();
const isSame = (a: Rows, b: Rows, tables: readonly string[] = HELD): boolean =>
  tables.every((table) => textOf(a, table).join('\n') === textOf(b, table).join('\n'));
/** Rows that are there now and were not before. */
const added = (now: Rows, before: Rows, table: string): readonly Row[] => {
  const was = new Set(textOf(before, table));
  return (now[table] ?? []).filter((row) => !was.has(JSON.stringify(row)));
};
const isNothingLost = (now: Rows, before: Rows): boolean =>
  HELD.every((table) => added(before, now, table).length === 0);
const demoRows = (rows: Rows): number =>
  (rows.plantings ?? []).filter(({ demo }) => demo === true).length;

async function inTheShed(page: Page): Promise<void> {
  if (page.url() !== `${URL}/shed`) await page.goto(`${URL}/shed`);
}
const load = (page: Page) => page.getByRole('button', { name: 'Load the demo set' });
const away = (page: Page) => page.getByRole('button', { name: 'Take away the demo set' });

async function withDemo(page: Page): Promise<void> {
  await inTheShed(page);
  await load(page).or(away(page)).waitFor();
  if (await load(page).isVisible()) await load(page).click();
  await away(page).waitFor();
}

async function withoutDemo(page: Page): Promise<void> {
  await inTheShed(page);
  await load(page).or(away(page)).waitFor();
  if (await away(page).isVisible()) await takeAway(page);
  await load(page).waitFor();
}

async function takeAway(page: Page): Promise<void> {
  await away(page).click();
  const sure = page.getByRole('button', { name: 'Take it away' });
  await sure.or(load(page)).first().waitFor();
  if (await sure.isVisible()) await sure.click();
}

async function bringIn(page: Page, text: string): Promise<void> {
  await page
    .getByLabel('File to bring in')
    .setInputFiles({ name: 'in.json', mimeType: 'application/json', buffer: Buffer.from(text) });
}

async function saved(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).first().click(),
  ]);
  return readFileSync(await download.path(), 'utf8');
}

/** @param plantingFile @param backups two that differ, brought in one after the other */
function deedsOf(plantingFile: string, backups: readonly string[], jpeg: Buffer): readonly Deed[] {
  let nth = 0;
  let target = '';
  let landed: { version: number; stores: Record<string, string>; rows: Rows } | null = null;
  return [
    {
      name: 'a planting brought in',
      ready: inTheShed,
      begin: (page) => bringIn(page, plantingFile),
      usualMs: 250,
      isTold: (page) =>
        page
          .getByText(/ came in/)
          .first()
          .isVisible(),
      isAfter: (now, before) =>
        isNothingLost(now, before) && added(now, before, 'plantings').length === 1,
    },
    {
      name: 'a backup restored',
      ready: async (page) => {
        await inTheShed(page);
        target = backups[(nth += 1) % backups.length]!;
        await bringIn(page, target);
        await page.getByRole('radio', { name: /in the place of all/ }).click();
      },
      begin: (page) => page.getByRole('button', { name: 'Restore it' }).click(),
      usualMs: 400,
      isTold: (page) => page.getByText('Everything was restored.').isVisible(),
      isAfter: (now) => {
        const file = JSON.parse(target) as Rows;
        return ['spots', 'plantings', 'shelf', 'groups', 'entries'].every(
          (table) => idsOf(now, table) === idsOf(file, table),
        );
      },
    },
    {
      name: 'the demo set loaded',
      ready: withoutDemo,
      begin: (page) => load(page).click(),
      usualMs: 200,
      isTold: (page) => away(page).isVisible(),
      isAfter: (now, before) => isNothingLost(now, before) && demoRows(now) === DEMO_PLANTINGS,
    },
    {
      name: 'the demo set taken away',
      ready: withDemo,
      begin: takeAway,
      usualMs: 300,
      isTold: (page) => load(page).isVisible(),
      isAfter: (now, before) =>
        demoRows(now) === 0 &&
        (now.entries ?? []).every(({ id }) => !String(id).endsWith('-demo')) &&
        added(now, before, 'plantings').length === 0,
    },
    {
      name: 'a photograph kept',
      ready: async (page) => {
        await withDemo(page);
        await page.goto(`${URL}/diary?planting=demo-tub-1`);
        const tell = page.getByRole('region', { name: 'Tell what happened' });
        await tell.getByRole('radio', { name: 'Photograph' }).click();
        await page.getByLabel('A photograph of it').waitFor({ state: 'attached' });
      },
      begin: (page) =>
        page
          .getByLabel('A photograph of it')
          .setInputFiles({ name: 'tub.jpg', mimeType: 'image/jpeg', buffer: jpeg }),
      usualMs: 400,
      isTold: (page) =>
        page
          .locator('[data-sonner-toast]')
          .filter({ hasText: /photograph/i })
          .isVisible(),
      isAfter: (now, before) => {
        const [photo, ...others] = added(now, before, 'photos');
        const entries = added(now, before, 'entries');
        return (
          isNothingLost(now, before) &&
          others.length === 0 &&
          entries.length === 1 &&
          (entries[0]!.what as Row).photoId === photo?.id
        );
      },
    },
    {
      name: 'a database of an older version opened',
      ready: async (page) => {
        const files = readdirSync(DATABASES).filter((name) => !name.includes('-13.'));
        landed = JSON.parse(
          readFileSync(join(DATABASES, files[(nth += 1) % files.length]!), 'utf8'),
        ) as typeof landed;
        // A page of the same origin that opens no database.
        await page.goto(`${URL}/manifest.webmanifest`);
        await layDown(page, landed!);
      },
      begin: (page) => page.goto(`${URL}/shed`, { waitUntil: 'commit' }).then(() => undefined),
      usualMs: 500,
      isTold: async () => false,
      isAfter: (now) =>
        ['plantings', 'spots'].every(
          (table) => namesOf(now, table) === namesOf(landed!.rows, table),
        ) && (now.entries?.length ?? 0) === (landed!.rows.entries?.length ?? 0),
    },
  ];
}

const idsOf = (rows: Rows, table: string): string =>
  (rows[table] ?? [])
    .map(({ id }) => String(id))
    .sort()
    .join();
const namesOf = (rows: Rows, table: string): string =>
  (rows[table] ?? [])
    .map(({ name }) => String(name))
    .sort()
    .join();

test(
  `whatever was being written when the browser is killed is wholly there or not at all (seed ${SEED}, ${ROUNDS} rounds)`,
  OWN_DEVICES,
  async () => {
    test.setTimeout(120_000 + ROUNDS * 60_000);
    const profile = mkdtempSync(join(tmpdir(), 'rillbank-killed-'));
    let here: KillableBrowser | null = null;
    const found = new Map<string, { kills: number; after: number }>();
    try {
      here = await killable(profile);
      await withDemo(here.page);
      const plantingFile = await saved(here.page, 'Save as file');
      const whole = await saved(here.page, 'Save everything');
      const part = JSON.parse(whole) as Record<string, Row[]>;
      const few = {
        ...part,
        plantings: part.plantings!.slice(0, 3),
        groups: [],
        entries: part.entries!.slice(0, 5),
        kept: [],
      };
      const jpeg = await picture(here.page);
      const deeds = deedsOf(plantingFile, [whole, JSON.stringify(few)], jpeg);
      for (let round = 0; round < ROUNDS; round += 1) {
        const deed = deeds[round % deeds.length]!;
        await deed.ready(here.page);
        const before = await rowsOf(here.page);
        const begun = deed.begin(here.page);
        // A press or a page that the kill cuts off has nothing to say.
        begun.catch(() => undefined);
        await here.page.waitForTimeout(2 * deed.usualMs * hash01(SEED, round));
        const isTold = await deed.isTold(here.page).catch(() => false);
        await here.kill();
        here = await killable(profile);
        await inTheShed(here.page);
        await load(here.page).or(away(here.page)).waitFor();
        const now = await rowsOf(here.page);
        const told = [round, deed.name];
        expectReadable(now, told);
        const isAfter = deed.isAfter(now, before);
        expect([...told, isAfter || (!isTold && isSame(now, before))]).toEqual([...told, true]);
        const of = found.get(deed.name) ?? { kills: 0, after: 0 };
        found.set(deed.name, { kills: of.kills + 1, after: of.after + (isAfter ? 1 : 0) });
        if ((round + 1) % TELLS_EVERY === 0) console.log(`${round + 1} of ${ROUNDS} kept`);
      }
    } finally {
      await here?.kill().catch(() => undefined);
      rmSync(profile, { recursive: true, force: true });
      for (const [name, { kills, after }] of found)
        console.log(`${name}: killed ${kills} times, done by then ${after}`);
    }
  },
);

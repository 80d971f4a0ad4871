import { backupTexts, readBackup } from '@/core/files/backupParts';
import type { Backup } from '@/core/files/plantingFile';
import { hash01 } from '@/core/random/hash';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { openHere } from '../../tests/builders/store';
import { onlyWindow } from './windows';
import { isAsked, type Taking } from './meeting';
import type { Store } from './store';

let count = 0;
/** Each with a mark of its own, as every window has: what two of them write in the same moment is two things. */
const device = async (): Promise<Store> => {
  const name = `meeting-${(count += 1)}`;
  return (await openHere(name, onlyWindow(name))).store;
};

/** A file as it is written on one device and read on another. */
async function fileOf(store: Store): Promise<Backup> {
  const reading = readBackup(backupTexts(await store.whole.backup('2026-05-18T10:00:00Z')));
  for (let step = reading.next(); ; step = reading.next()) {
    if (!step.done) continue;
    if (!step.value.ok) throw new Error(step.value.faults.map(({ message }) => message).join());
    return step.value.value;
  }
}

const nothing = new Map<string, Taking>();
const bring = async (to: Store, from: Store, taking: ReadonlyMap<string, Taking> = nothing) =>
  to.whole.bringTogether(await fileOf(from), taking);
const tub = { ...planting(GOOD), id: 'tub', name: 'Tub' };

/** A desk and a phone that have the same tub. */
async function two(): Promise<{ readonly desk: Store; readonly phone: Store }> {
  const [desk, phone] = [await device(), await device()];
  await desk.plantings.add(tub, SUNNY);
  await bring(phone, desk);
  return { desk, phone };
}
const nameOn = async (store: Store) => (await store.plantings.get('tub'))?.planting.name;
const weekOn = async (store: Store) => (await store.plantings.get('tub'))?.planting.plantedWeek;
const plant = (store: Store, plantedWeek: number) =>
  store.plantings.edit('tub', { kind: 'plant', plantedWeek, missing: [] });
const rename = (store: Store, name: string) =>
  store.plantings.edit('tub', { kind: 'rename', name });

const about = { at: '2026-07-16T08:30:00+01:00', zone: 'Europe/London', of: { plantingId: 'tub' } };
const watered = (store: Store, litres: number) =>
  store.log.write([{ ...about, what: { did: 'watered', litres } }]);

test('what one device has and the other has not comes over; both then show the same', async () => {
  const { desk, phone } = await two();
  expect(await nameOn(phone)).toBe('Tub');
  await watered(desk, 2);
  await watered(phone, 3);
  await rename(phone, 'Tub by the door');
  await bring(desk, phone);
  await bring(phone, desk);
  for (const store of [desk, phone]) {
    expect(await nameOn(store)).toBe('Tub by the door');
    expect((await store.log.entries()).length).toBe(2);
  }
  const meeting = await desk.whole.meeting(await fileOf(phone));
  expect([meeting.records, meeting.entries]).toEqual([[], []]);
});

test('both changed another thing of one planting: both stand, on both', async () => {
  const { desk, phone } = await two();
  await rename(desk, 'Left tub');
  await plant(phone, 23);
  await bring(desk, phone);
  await bring(phone, desk);
  for (const store of [desk, phone]) {
    expect(await nameOn(store)).toBe('Left tub');
    expect(await weekOn(store)).toBe(23);
  }
});

test.each([
  ['here', 'Left tub', ['Left tub']],
  ['there', 'Right tub', ['Right tub']],
  ['both', 'Left tub', ['Left tub', 'Right tub (from file)']],
] as const)(
  'both changed the same: %s is taken as chosen, and goes back',
  async (taking, first, all) => {
    const { desk, phone } = await two();
    await rename(desk, 'Left tub');
    await rename(phone, 'Right tub');
    const meeting = await desk.whole.meeting(await fileOf(phone));
    expect(meeting.records.map(({ of, outcome }) => [of, outcome.is])).toEqual([
      ['plantings/tub', 'choice'],
    ]);
    const before = await bring(desk, phone, new Map([['plantings/tub', taking]]));
    expect(await nameOn(desk)).toBe(first);
    expect((await desk.plantings.all()).map(({ name }) => name).sort()).toEqual([...all].sort());
    // The other takes what was decided; it is not asked again.
    await bring(phone, desk);
    expect(await nameOn(phone)).toBe(first);
    await desk.whole.putBack(before, { only: true });
    expect((await desk.plantings.all()).map(({ name }) => name)).toEqual(['Left tub']);
  },
);

test('what was taken away on one is gone on the other, unless it was worked on there', async () => {
  const { desk, phone } = await two();
  await desk.plantings.remove('tub');
  await bring(phone, desk);
  expect(await phone.plantings.all()).toEqual([]);

  const again = await two();
  await again.desk.plantings.remove('tub');
  await rename(again.phone, 'Tub in use');
  await bring(again.phone, again.desk);
  expect(await nameOn(again.phone)).toBe('Tub in use');
  // It comes back to the desk, with the spot that went with it.
  await bring(again.desk, again.phone);
  expect(await nameOn(again.desk)).toBe('Tub in use');
});

test('what was taken away since the file was written can be brought back from it', async () => {
  const { desk } = await two();
  const file = await fileOf(desk);
  await desk.plantings.remove('tub');
  const [met] = (await desk.whole.meeting(file)).records.filter(isAsked);
  expect(met).toMatchObject({ of: 'plantings/tub', here: null });
  await desk.whole.bringTogether(file, nothing);
  expect(await desk.plantings.all()).toEqual([]);
  await desk.whole.bringTogether(file, new Map([['plantings/tub', 'there']]));
  expect(await nameOn(desk)).toBe('Tub');
});

test('a file sent out and never taken in does not make the other’s older state look newer', async () => {
  const { desk, phone } = await two();
  await rename(desk, 'Sent');
  await fileOf(desk);
  await plant(phone, 23);
  const meeting = await desk.whole.meeting(await fileOf(phone));
  expect(meeting.records.map(({ outcome }) => outcome.is)).toEqual(['choice']);
});

test('after everything was replaced, what is changed here is still seen as newer elsewhere', async () => {
  const { desk, phone } = await two();
  await rename(desk, 'Second name');
  const old = await fileOf(phone);
  await bring(phone, desk);
  await desk.whole.restore(old);
  await rename(desk, 'After the restore');
  const { records } = await phone.whole.meeting(await fileOf(desk));
  // The phone has seen the second name, the desk has not any more: asked, never lost.
  expect(records.map(({ outcome }) => outcome.is)).toEqual(['choice']);
});

test('a meeting that was gone back on counts nothing twice: what was sent out in between is told from what came after', async () => {
  const { desk, phone } = await two();
  await rename(phone, 'From the phone');
  const before = await bring(desk, phone);
  await rename(desk, 'Sent out in between');
  const sent = await fileOf(desk);
  await desk.whole.putBack(before, { only: true });
  await rename(desk, 'After going back');
  await phone.whole.bringTogether(sent, nothing);
  expect(await nameOn(phone)).toBe('Sent out in between');
  const { records } = await phone.whole.meeting(await fileOf(desk));
  expect(records.map(({ outcome }) => outcome.is)).toEqual(['choice']);
});

test('copies that are made by themselves change nothing in what two devices began from', async () => {
  const { desk, phone } = await two();
  await rename(desk, 'Left tub');
  await desk.whole.backup('2026-05-19T10:00:00Z', { isForOthers: false });
  await plant(phone, 23);
  await bring(desk, phone);
  expect([await nameOn(desk), await weekOn(desk)]).toEqual(['Left tub', 23]);
});

test('seeded weeks of work on two devices: after they met both hold the same, and no entry is lost', async () => {
  for (let seed = 1; seed <= 6; seed += 1) {
    const { desk, phone } = await two();
    let told = 0;
    for (let day = 0; day < 8; day += 1) {
      const store = hash01(seed, day, 1) < 0.5 ? desk : phone;
      const what = hash01(seed, day, 2);
      if (what < 0.3) await rename(store, `Tub ${day}`);
      else if (what < 0.5) await plant(store, 20 + day);
      else if (what < 0.8) {
        await watered(store, 1 + day);
        told += 1;
      } else await bring(store, store === desk ? phone : desk);
    }
    await bring(desk, phone);
    await bring(phone, desk);
    const [a, b] = [await desk.plantings.all(), await phone.plantings.all()];
    expect(a).toEqual(b);
    for (const store of [desk, phone]) expect((await store.log.entries()).length).toBe(told);
  }
});

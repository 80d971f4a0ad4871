import { hash01 } from '@/core/random/hash';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { openHere } from '../../tests/builders/store';
import type { Store } from './store';

const ROUNDS = 500;
const WINDOWS = ['a', 'b', 'c'] as const;
const TUB = { table: 'plantings', id: 'planting' } as const;
const START = planting(GOOD);

/** What one window did and has taken back, as a person would count it: on plants of its own, so that nothing of it can be anybody else's. */
class Told {
  readonly done: { place: string; from: number; to: number }[] = [];
  readonly undone: { place: string; from: number; to: number }[] = [];

  constructor(readonly at: Map<string, number>) {}

  move(place: string, to: number): void {
    const from = this.at.get(place)!;
    if (from === to) return;
    this.done.push({ place, from, to });
    this.undone.length = 0;
    this.at.set(place, to);
  }
  undo(): void {
    const step = this.done.pop();
    if (!step) return;
    this.undone.push(step);
    this.at.set(step.place, step.from);
  }
  redo(): void {
    const step = this.undone.pop();
    if (!step) return;
    this.done.push(step);
    this.at.set(step.place, step.to);
  }
}

test(`three windows at one planting, ${ROUNDS} rounds of moves, undo and redo by lot, two at a time: all show the same, nothing is lost but what was taken back (seed 9)`, async () => {
  const open = async (me: string) =>
    (await openHere('interleaved', { me, isOpen: () => true })).store;
  const stores: Readonly<Record<string, Store>> = {
    a: await open('a'),
    b: await open('b'),
    c: await open('c'),
  };
  await stores.a!.plantings.add(START, SUNNY);
  const at = new Map(START.places.map(({ id, xCm }) => [id, xCm]));
  const told = new Map(WINDOWS.map((me) => [me, new Told(at)]));
  let entries = 0;
  const act = async (me: (typeof WINDOWS)[number], round: number, hand: number): Promise<void> => {
    const store = stores[me]!;
    const what = hash01(9, round, hand, 1);
    const own = START.places.filter((_, i) => i % WINDOWS.length === WINDOWS.indexOf(me));
    if (what < 0.55) {
      const { id, zCm } = own[Math.floor(hash01(9, round, hand, 2) * own.length)]!;
      const xCm = Math.round(20 * hash01(9, round, hand, 3)) - 10;
      told.get(me)!.move(id, xCm);
      await store.plantings.edit('planting', { kind: 'move', place: id, xCm, zCm });
    } else if (what < 0.75) {
      told.get(me)!.undo();
      await store.history.undo(TUB);
    } else if (what < 0.9) {
      told.get(me)!.redo();
      await store.history.redo(TUB);
    } else {
      entries += 1;
      await store.log.write([
        {
          at: '2026-07-16T08:30:00+01:00',
          zone: 'Europe/London',
          of: { plantingId: 'planting' },
          what: { did: 'watered', litres: 1 },
        },
      ]);
    }
  };
  for (let round = 0; round < ROUNDS; round += 2) {
    const first = Math.floor(hash01(9, round, 0) * 3);
    const second = (first + 1 + Math.floor(hash01(9, round, 1) * 2)) % 3;
    // Neither waits for the other.
    await Promise.all([act(WINDOWS[first]!, round, 10), act(WINDOWS[second]!, round, 20)]);
  }
  for (const me of WINDOWS) {
    const now = (await stores[me]!.plantings.get('planting'))!.planting;
    expect(new Map(now.places.map(({ id, xCm }) => [id, xCm]))).toEqual(at);
    expect(await stores[me]!.log.entries()).toHaveLength(entries);
    expect(await stores[me]!.unreadable.all()).toEqual([]);
  }
});

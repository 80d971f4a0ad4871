import { planting, TUB } from '../../../tests/builders/plantings';
import { applyEdit } from '@/core/plantings/edits';
import { IDLE, reduce, type Effect, type Gesture, type Ground, type Input } from './stencilGesture';
import { copiesOf, editOfKey, wrapped } from './stencilKeys';

const places = planting([
  ['petunia-white', -8, 0],
  ['coleus-lime', 6, 5],
  ['viola-white', 0, -9],
]).places;
const ground = (change: Partial<Ground> = {}): Ground => ({
  container: TUB,
  places,
  selection: [],
  reachCm: 0,
  slackCm: 0.5,
  ...change,
});
const play = (
  inputs: readonly Input[],
  on: Ground,
): { readonly state: Gesture; readonly effects: readonly Effect[] } => {
  let state: Gesture = IDLE;
  const effects: Effect[] = [];
  for (const input of inputs) {
    const answer = reduce(state, input, on);
    state = answer.state;
    effects.push(...answer.effects);
  }
  return { state, effects };
};
const on = (place: string, xCm: number, zCm: number, additive = false): Input => ({
  kind: 'press plant',
  place,
  at: { xCm, zCm },
  additive,
});
const to = (xCm: number, zCm: number): Input => ({ kind: 'move', at: { xCm, zCm }, free: false });
const off = (xCm: number, zCm: number): Input => ({
  kind: 'release',
  at: { xCm, zCm },
  free: false,
});

test('a drag of one plant previews and then applies one move', () => {
  const { state, effects } = play([on('p0', -8, 0), to(-7, 0), to(-4, 3), off(-4, 3)], ground());
  expect(state).toEqual(IDLE);
  expect(effects[0]).toEqual({ kind: 'select', places: ['p0'] });
  expect(effects.at(-1)).toEqual({
    kind: 'apply',
    edit: { kind: 'move', place: 'p0', xCm: -4, zCm: 3 },
  });
  expect(effects.filter(({ kind }) => kind === 'apply')).toHaveLength(1);
});

test('with several picked all go along, by one shift', () => {
  const { effects } = play(
    [on('p1', 6, 5), to(9, 6), off(9, 6)],
    ground({ selection: ['p0', 'p1'] }),
  );
  expect(effects.at(-1)).toEqual({
    kind: 'apply',
    edit: { kind: 'shift', places: ['p0', 'p1'], dxCm: 3, dzCm: 1 },
  });
});

test('less than the slack picks and moves nothing; just more drags', () => {
  expect(
    play([on('p0', 0, 0), to(0.49, 0), off(0.49, 0)], ground()).effects.some(
      ({ kind }) => kind !== 'select',
    ),
  ).toBe(false);
  expect(
    play([on('p0', 0, 0), to(0.51, 0)], ground()).effects.some(({ kind }) => kind === 'preview'),
  ).toBe(true);
});

test('Escape in a drag lets go of it without a change, and otherwise of what is picked', () => {
  const held = play([on('p0', 0, 0), to(5, 5), { kind: 'escape' }], ground());
  expect(held.state).toEqual(IDLE);
  expect(held.effects.at(-1)).toEqual({ kind: 'preview', edit: null });
  expect(play([{ kind: 'escape' }], ground({ selection: ['p0'] })).effects).toEqual([
    { kind: 'select', places: [] },
  ]);
});

test('a locked plant is picked and stays', () => {
  const locked = places.map((place) => (place.id === 'p0' ? { ...place, locked: true } : place));
  expect(play([on('p0', -8, 0), to(0, 0), off(0, 0)], ground({ places: locked })).effects).toEqual([
    { kind: 'select', places: ['p0'] },
  ]);
});

test('a box drawn round plants picks those inside, and adds with Shift', () => {
  const box = (additive: boolean): readonly Input[] => [
    { kind: 'press paper', at: { xCm: -12, zCm: -12 }, additive },
    to(2, 2),
    off(2, 2),
  ];
  expect(play(box(false), ground()).effects).toEqual([{ kind: 'select', places: ['p0', 'p2'] }]);
  expect(play(box(true), ground({ selection: ['p1'] })).effects).toEqual([
    { kind: 'select', places: ['p1', 'p0', 'p2'] },
  ]);
});

test('Shift picks another as well; a plain press on one of several picks that one out', () => {
  expect(play([on('p1', 6, 5, true), off(6, 5)], ground({ selection: ['p0'] })).effects).toEqual([
    { kind: 'select', places: ['p0', 'p1'] },
  ]);
  expect(play([on('p1', 6, 5), off(6, 5)], ground({ selection: ['p0', 'p1'] })).effects).toEqual([
    { kind: 'select', places: ['p1'] },
  ]);
});

describe('keys on a plant', () => {
  const plan = { places, container: TUB };
  const key = (key: string, shiftKey = false, ids: readonly string[] = ['p0']) =>
    editOfKey({ key, shiftKey }, plan, ids);
  test('turn by 15° and round again, slant in fives and never past upright or 45°', () => {
    expect(key('r')).toEqual({ kind: 'pose', places: ['p0'], pose: { turnDeg: 15 } });
    expect([wrapped(190), wrapped(-190), wrapped(180), wrapped(15)]).toEqual([-170, 170, -180, 15]);
    expect(key('t')).toMatchObject({ pose: { lean: { tiltDeg: 5, turnDeg: 0 } } });
    expect(key('t', true)).toMatchObject({ pose: { lean: null } });
  });
  test('several are moved and taken out together; what is no key does nothing', () => {
    expect(key('ArrowLeft', true, ['p0', 'p1'])).toEqual({
      kind: 'shift',
      places: ['p0', 'p1'],
      dxCm: -5,
      dzCm: 0,
    });
    expect(key('Delete', false, ['p0', 'p1'])).toEqual({ kind: 'clear', places: ['p0', 'p1'] });
    expect([key('q'), key('r', false, [])]).toEqual([null, null]);
  });
  test('copies stand beside their likes with ids and seeds of their own, unlocked', () => {
    const copies = copiesOf(
      places,
      places.map((place) => ({ ...place, locked: true })),
    );
    expect(new Set([...places, ...copies].map(({ id }) => id)).size).toBe(6);
    expect(new Set([...places, ...copies].map(({ seed }) => seed)).size).toBe(6);
    for (const [i, copy] of copies.entries()) {
      expect(copy.locked).toBeUndefined();
      expect(copy.xCm).toBeGreaterThan(places[i]!.xCm);
    }
  });
  test('what is posed upright and unturned again is written as it was before', () => {
    const one = planting([['petunia-white', -8, 0]]);
    const leaning = applyEdit(one, {
      kind: 'pose',
      places: ['p0'],
      pose: { turnDeg: 30, lean: { tiltDeg: 20, turnDeg: 0 } },
    });
    expect(leaning.places[0]).toMatchObject({ turnDeg: 30, lean: { tiltDeg: 20 } });
    expect(
      applyEdit(leaning, { kind: 'pose', places: ['p0'], pose: { turnDeg: 0, lean: null } }),
    ).toEqual(one);
    const locked = applyEdit(leaning, { kind: 'lock', places: ['p0'], locked: true });
    expect(applyEdit(locked, { kind: 'pose', places: ['p0'], pose: { turnDeg: 90 } })).toEqual(
      locked,
    );
    expect(applyEdit(locked, { kind: 'move', place: 'p0', xCm: 0, zCm: 0 })).toEqual(locked);
    expect(applyEdit(locked, { kind: 'lock', places: ['p0'], locked: false })).toEqual(leaning);
  });
});

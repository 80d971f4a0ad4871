import { BOX, planted, TUB } from '../../../tests/builders/plantings';
import type { Gathered } from '../plantings/gathering';
import { groupLines } from '../../words/group';
import { kindOf } from '../plants/book/index';
import { groupOpinion, type GroupStanding } from './asOne';
import { contrasted } from './contrast';
import { describePlanting } from '../../words/describe';
import { keyed } from '../../words/names';
import { opinionOf } from './opinion';
import { read } from './reading';

const one = (
  id: string,
  atCm: number,
  puts: Parameters<typeof planted>[0],
  change: Partial<Gathered> = {},
  container = TUB,
): GroupStanding => ({
  it: planted(puts, { id, name: id, container }),
  member: { plantingId: id, atCm, backCm: 0, raisedCm: 0, turnDeg: 0, ...change },
});
const low = [['petunia-white', 0, 0]] as const;
const tall = [
  ['cabbage-palm-red', 0, 0, '1L'],
  ['petunia-white', 8, 4],
] as const;
const group = (change: Partial<Gathered> = {}) => [
  one('left', -60, low),
  one('middle', 0, tall, change),
  one('right', 60, low),
];

test('one container alone is no group', () => expect(groupOpinion(group().slice(0, 1))).toBeNull());

test('the order in which containers are listed does not matter, where they stand does', () => {
  const right = groupOpinion(group())!;
  expect(groupOpinion([...group()].reverse())).toEqual(right);
  expect(right).toMatchObject({
    tallestInside: true,
    tallest: 'middle',
    colliding: [],
    unsteady: [],
  });
  expect(groupOpinion(group({ atCm: 130 }))!.tallestInside).toBe(false);
});

test('walls that meet are told, and no longer once one is set back far enough', () => {
  expect(groupOpinion(group({ atCm: -30 }))!.colliding).toEqual([['left', 'middle']]);
  expect(groupOpinion(group({ atCm: -30, backCm: 60 }))!.colliding).toEqual([]);
});

test('a stand higher than its pot is unsteady, one as high is not', () => {
  const { shape } = TUB;
  const high = 'depthCm' in shape ? shape.depthCm + 3 : 0;
  expect(groupOpinion(group({ raisedCm: high + 4 }))!.unsteady).toEqual(['middle']);
  expect(groupOpinion(group({ raisedCm: high - 6 }))!.unsteady).toEqual([]);
});

test('a colour that all carry is told; one that is neither kin nor opposite to the others stands apart', () => {
  const line = (...kinds: readonly string[]) =>
    groupOpinion(kinds.map((kind, i) => one(`pot-${i}`, -60 + i * 60, [[kind, 0, 0]])))!;
  const shared = line('petunia-violet', 'petunia-violet', 'petunia-violet');
  expect(shared.shared![2]).toBeCloseTo(kindOf('petunia-violet')!.bloom!.main[2], 0);
  expect(shared.apart).toBeNull();
  const alone = line('petunia-violet', 'petunia-violet', 'pelargonium-scarlet');
  expect(alone.shared).toBeNull();
  expect(alone.apart).toMatchObject({
    planting: 'pot-2',
    colour: kindOf('pelargonium-scarlet')!.bloom!.main,
  });
  expect(
    groupLines(alone, (id) => id, kindOf, { length: 'cm' }).map(({ says }) => says),
  ).toContainEqual(expect.stringMatching(/^The scarlet of pot-2 stands by itself/));
  // White flowers over green leaves are ground: nothing can be held against them.
  expect(line('petunia-white', 'petunia-white', 'pelargonium-scarlet').apart).toBeNull();
});

test('sentences name the containers, what wants an answer first', () => {
  const lines = groupLines(groupOpinion(group({ atCm: 130 }))!, (id) => `the ${id}`, kindOf, {
    length: 'cm',
  });
  expect(lines[0]).toMatchObject({
    right: false,
    says: 'The tallest, the middle, stands at an end.',
  });
  expect(lines.some(({ right, says }) => right && says.includes('white petunia'))).toBe(true);
});

test('compared, only what differs is listed, and figures agree with the plantings', () => {
  const [a, b] = contrasted([planted(low), planted(tall)]);
  expect(a!.onlyHere).toEqual([]);
  expect(b!.onlyHere).toEqual(['cabbage-palm-red']);
  expect([a!.plants, b!.plants]).toEqual([1, 2]);
  expect(b!.tallestCm).toBeGreaterThan(a!.tallestCm);
  expect(b!.cost).toBeGreaterThan(a!.cost);
  const [same] = contrasted([planted(tall), planted(tall)]);
  expect([same!.onlyHere, same!.toAnswer]).toEqual([[], []]);
});

test('in words: what stands where, how tall, in what colours; in inches for those who measure so', () => {
  const it = planted(
    [
      ['cabbage-palm-red', 0, -10, '1L'],
      ['petunia-white', -10, 10],
      ['petunia-white', 10, 10],
    ],
    { name: 'Door box', container: BOX },
  );
  const tell = (length: 'cm' | 'in') =>
    describePlanting(read(it), keyed(it), opinionOf(it), 8, { length, currency: '£' });
  expect(tell('cm')).toMatch(/^Door box: .* cm box at spot, 7 h of sun, 8 weeks after planting/);
  expect(tell('cm')).toMatch(/A: 1 red cabbage palm, at the back; about \d+ cm tall/);
  expect(tell('cm')).toMatch(
    /B: 2 white petunia, at the front left, at the front right; .*white flowers/,
  );
  expect(tell('in')).toMatch(/about [\d.]+ in tall/);
  expect(
    describePlanting(read(planted([])), [], opinionOf(planted([])), 0, {
      length: 'cm',
      currency: '£',
    }),
  ).toContain('Nothing is planted in it yet.');
});

import { allPlants } from '@/core/plantings/planting';
import { HALT } from '../../tests/builders/halt';
import { read } from '@/core/checks/reading';
import {
  otherLines,
  plantLines,
  secondChoicesFor,
  tillOf,
  type BoughtEntry,
  type BuyLine,
} from '@/core/making/list';
import { needsOf } from '@/core/making/needs';
import { anywhere } from '@/core/making/offers';
import { stepsOf } from '@/core/making/steps';
import { tripTo } from '@/core/making/trip';
import { kindOf } from '@/core/plants/book/index';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { lifeOf } from '@/core/log/life';
import { lifeText, longDayText } from './life';
import { amountText, lineNote, minorText } from './making';
import { minutesText } from './format';
import { cautionText, stepLines, stepTitle } from './potting';
import { listCsv } from './shoppingCsv';
import { listText } from './shoppingText';
import { templatePages } from './templatePages';

const METRIC = { length: 'cm', currency: '£' } as const;
const INCHES = { length: 'in', currency: '$' } as const;
const needs = needsOf(HALT, { house: USUAL_HOUSE, owned: () => 0, isReused: () => false });
const lines = [...plantLines(tripTo(needs.plants, [anywhere(kindOf)])), ...otherLines(needs)];

test('pence are written as money, and each line says how much of what', () => {
  expect(minorText(350, METRIC)).toBe('£3.50');
  expect(minorText(0, METRIC)).toBe('£0.00');
  for (const line of lines) {
    expect(amountText(line, METRIC)).toMatch(/\d/);
    expect(amountText(line, INCHES)).not.toMatch(/undefined|NaN/);
  }
});

test('what is left over says where it could go; the last packs there say so', () => {
  const line = {
    key: 'x',
    stop: 'market',
    packs: 2,
    packMinor: 100,
    what: {
      kind: 'plants',
      kindId: 'alyssum-white',
      size: 'six-pack',
      perSale: 6,
      spare: 3,
      stock: 2,
      orElse: [],
    },
  } as const satisfies BuyLine;
  expect(lineNote(line, METRIC, 'Stone trough')).toBe(
    '3 plants over for Stone trough, the last there',
  );
  expect(lineNote({ ...line, what: { ...line.what, spare: 0, stock: 3 } }, METRIC)).toBe('');
});

test('the till: what was paid where it was told, what is asked where it was not, and what is missing', () => {
  const [first, second] = lines as [BuyLine, BuyLine];
  const got = (line: BuyLine, change: object) =>
    [
      line.key,
      {
        what: {
          did: 'bought',
          key: line.key,
          got: line.packs,
          wanted: line.packs,
          paidMinor: null,
          stop: null,
          ...change,
        },
      } as unknown as BoughtEntry,
    ] as const;
  const all = lines.reduce((sum, { packs, packMinor }) => sum + packs * packMinor, 0);
  expect(tillOf(lines, new Map())).toEqual({
    spentMinor: 0,
    openMinor: all,
    missing: 0,
    ticked: 0,
  });
  const till = tillOf(
    lines,
    new Map([got(first, { paidMinor: 77 }), got(second, { got: second.packs - 1 })]),
  );
  expect(till.spentMinor).toBe(77 + (second.packs - 1) * second.packMinor);
  expect(till).toMatchObject({ missing: 1, ticked: 2 });
});

test('the list in words has every line once; as CSV it runs no formula', () => {
  const words = listText(lines, kindOf, METRIC);
  expect(words.match(/^- /gm)).toHaveLength(lines.length);
  const csv = listCsv(
    [{ ...lines[0]!, what: { ...lines[0]!.what, kindId: '=cmd()' } as BuyLine['what'] }],
    () => null,
    METRIC,
  );
  expect(csv).toContain("'=cmd()");
  expect(listCsv(lines, kindOf, METRIC).trim().split('\n')).toHaveLength(lines.length + 1);
});

test('what was chosen for when a kind is not to be had stands in words, on the list and in the table', () => {
  const [first] = lines as [BuyLine];
  const insteadOf = first.what.kind === 'plants' ? first.what.kindId : '';
  const choice = { insteadOf, kindId: 'viola-white', size: '9cm' } as const;
  const orElse = secondChoicesFor(insteadOf, [
    { secondChoices: [choice] },
    {},
    { secondChoices: [choice, { ...choice, insteadOf: 'another' }] },
  ]);
  expect(orElse).toEqual([{ kindId: 'viola-white', size: '9cm' }]);
  const chosen = [{ ...first, what: { ...first.what, orElse } } as BuyLine];
  for (const text of [listText(chosen, kindOf, METRIC), listCsv(chosen, kindOf, METRIC)])
    expect(text).toMatch(/else white viola, 9 cm pot/i);
  expect(listText([first], kindOf, METRIC)).not.toContain('else');
});

test('every step has a title, sentences that end, and no figure that is none, in either measure', () => {
  for (const it of HALT)
    for (const step of stepsOf(read(it), USUAL_HOUSE))
      for (const units of [METRIC, INCHES]) {
        expect(stepTitle(step, kindOf)).toMatch(/^[A-Z]/);
        const said = [
          ...stepLines(step, allPlants(it), units, kindOf),
          ...step.cautions.map((caution) => cautionText(caution, kindOf, units)),
        ];
        expect(said.length).toBeGreaterThan(0);
        for (const sentence of said) {
          expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
          expect(sentence).not.toMatch(/undefined|NaN|null/);
        }
      }
});

test('which of many is told as people count, and from what it is taken', () => {
  const it = HALT[0]!;
  const step = stepsOf(read(it), USUAL_HOUSE).find(({ what }) => what.do === 'plant')!;
  const first = (nth: number, size: '9cm' | 'six-pack') => {
    if (step.what.do !== 'plant') throw new Error('No plant goes in.');
    const { plant } = step.what;
    return stepLines(
      { ...step, what: { ...step.what, plant: { ...plant, nth, ofKind: 24 } } },
      it.plants.map((one) => (one.id === plant.placeId ? { ...one, size } : one)),
      METRIC,
      kindOf,
    )[0]!;
  };
  expect([8, 11, 12, 21, 22, 23, 24].map((nth) => first(nth, '9cm').split(' of ')[0])).toEqual([
    'The eighth',
    'The 11th',
    'The 12th',
    'The 21st',
    'The 22nd',
    'The 23rd',
    'The 24th',
  ]);
  expect(first(2, 'six-pack')).toMatch(/^The second of 24, from a six-pack: /);
});

test('minutes are told as people do', () => {
  expect([
    minutesText(0.2),
    minutesText(1.4),
    minutesText(59.4),
    minutesText(60),
    minutesText(125),
  ]).toEqual(['1 minute', '1 minute', '59 minutes', '1 h 00 min', '2 h 05 min']);
});

test('a life is told by its stage and day', () => {
  expect(lifeText(lifeOf([]))).toBe('an idea');
  expect(lifeText({ ...lifeOf([]), stage: 'planted', plantedOn: '2026-05-14' })).toBe(
    'planted 14 May',
  );
  expect(longDayText('2026-07-17')).toBe('Friday, 17 July 2026');
});

test('every part of every planting comes out on every paper, or says why not', () => {
  for (const it of HALT)
    for (const part of ['template', 'board', 'plan', 'labels'] as const)
      for (const paper of ['A4', 'Tabloid'] as const) {
        const found = templatePages(
          it,
          { part, paper, marginMm: 8, drip: true },
          METRIC,
          'http://x',
        );
        expect([it.planting.name, part, found.ok && found.pages.length > 0]).toEqual([
          it.planting.name,
          part,
          true,
        ]);
      }
  const none = templatePages(
    HALT[0]!,
    { part: 'template', paper: 'A4', marginMm: Number.NaN, drip: false },
    METRIC,
    '',
  );
  expect(none).toMatchObject({ ok: false, message: expect.stringContaining('got no number') });
});

import { BASKET, BOX, GOOD, planted, planting, type Put } from '../../../tests/builders/plantings';
import { kindOf } from '../plants/book/index';
import { USUAL_HOUSE } from '../plantings/house';
import { inSpot, type Planting } from '../plantings/planting';
import type { Spot } from '../spots/spot';
import { sentenceOf } from '../../words/remarks';
import { countSeen } from '../seeing/visible';
import { opinionOf, tryFixes, sayOf } from './opinion';
import { estimateSeen } from './estimate';
import { looksOf } from './outlook';
import { read, sampledWeeks } from './reading';
import { CHECKS, type CheckId } from './rules/index';

const UNITS = { length: 'cm', currency: '£' } as const;
const judge = (
  check: CheckId,
  puts: readonly Put[],
  change: Partial<Planting> = {},
  spot: Partial<Spot> = {},
) => CHECKS[check].judge(read(planted(puts, change, spot)));
const wishes = (change: Partial<Planting['wishes']>): Partial<Planting> => ({
  wishes: { ...planting([]).wishes, ...change },
});

/** A check on one planting that is right by it and one that is not; what it says carries a figure or a name of its facts. */
const CASES: readonly (readonly [
  check: CheckId,
  right: readonly Put[],
  wrong: readonly Put[],
  says: RegExp,
  change?: Partial<Planting>,
  spot?: Partial<Spot>,
])[] = [
  [
    'money-seen',
    GOOD,
    [
      ['canna-bronze', 0, 6, '3L'],
      ['dahlia-dark-leaf-red', -9, 8, '1L'],
      ['dahlia-dark-leaf-red', 9, 8, '1L'],
      ['black-mondo', 0, -13],
    ],
    /black mondo.*hardly seen: about \d+%/i,
  ],
  [
    'muddle',
    GOOD,
    [
      ['pelargonium-white', -8, 0],
      ['marguerite-white', 8, 0],
      ['heliotrope-purple', 0, 8],
      ['zinnia-lime', 0, -8],
    ],
    /muddle of middling green leaves/,
    { plantedWeek: 21, endWeek: 50 },
  ],
  [
    'interest',
    [
      ['ivy-white-edge', 0, 13],
      ['coral-bells-plum', -8, 0],
      ['coral-bells-lime', 8, 0],
    ],
    [
      ['hyacinth-blue', -6, 0, 'bulb'],
      ['hyacinth-white', 6, 0, 'bulb'],
      ['tulip-white', 0, -6, 'bulb'],
    ],
    /Little to look at from about .* to /,
    { plantedWeek: 8, endWeek: 36 },
  ],
  [
    'silhouette',
    GOOD,
    [
      ['pelargonium-scarlet', -9, 0],
      ['marguerite-pink', 9, 0],
      ['cuphea-red', 0, 8],
      ['heliotrope-purple', 0, -8],
    ],
    /All of nearly one height/,
  ],
  [
    'pairs',
    GOOD,
    [
      ['pelargonium-scarlet', -12, 0],
      ['pelargonium-scarlet', 9, 5],
      ['coleus-lime', 0, -8],
    ],
    /not quite matched/,
  ],
  [
    'edge-place',
    GOOD,
    [
      ['coleus-lime', -10, 8],
      ['coleus-lime', 10, 8],
      ['calibrachoa-yellow', 0, 0],
    ],
    /trails but stands \d+ cm from the rim/,
  ],
  [
    'dark-light',
    [
      ['coleus-black', 0, 0],
      ['marguerite-white', 9, 4],
      ['coleus-lime', -9, 4],
    ],
    [
      ['coleus-black', 0, 0],
      ['heliotrope-purple', 9, 4],
      ['perilla-purple', -9, 4],
    ],
    /has no light neighbour/,
  ],
  [
    'colour-sight',
    [
      ['petunia-white', -8, 0],
      ['petunia-violet', 8, 0],
    ],
    [
      ['pelargonium-scarlet', -8, 0],
      ['hosta-lime', 8, 0],
      ['coleus-lime', 0, 8],
      ['begonia-bedding-red', 0, -8],
    ],
    /confuse red and green/,
  ],
  [
    'neighbours',
    GOOD,
    [
      ['petunia-magenta', -10, 4],
      ['petunia-magenta', -10, -5],
      ['tickseed-gold', 10, 4],
      ['tickseed-gold', 10, -5],
      ['petunia-white', 0, 12],
      ['petunia-white', 3, -13],
    ],
    /clumps|merge/,
    wishes({ school: 'opposite-pairs' }),
  ],
];

test.each(CASES.map((one) => [one[0], one] as const))(
  '%s: praises the one, finds fault with the other, and says why',
  (check, [, right, wrong, says, change = {}, spot = {}]) => {
    const good = CHECKS[check].judge(read(planted(right, change, spot)));
    const it = planted(wrong, change, spot);
    const bad = CHECKS[check].judge(read(it))!;
    if (good) expect(good.score).toBeGreaterThanOrEqual(CHECKS[check].limits.look);
    if (check !== 'colour-sight') expect(bad.score).toBeLessThan(CHECKS[check].limits.look);
    const remark = {
      check,
      severity: 'look' as const,
      certainty: CHECKS[check].certainty,
      score: bad.score,
      facts: bad.facts as never,
      culprits: bad.culprits,
      meant: false,
    };
    if (bad.score < CHECKS[check].limits.look)
      expect(sentenceOf(remark, it, UNITS).says).toMatch(says);
  },
);

test('over a sill: what clears the line is seen, what does not is not; without a sill the question does not arise', () => {
  const sink = {
    eyes: [
      {
        id: 'e',
        name: 'The sink',
        kind: 'standing' as const,
        bearingDeg: 0,
        distanceCm: 220,
        floorCm: 0,
        sill: { heightCm: 100, nearCm: 170, farCm: 195 },
        weight: 1,
      },
    ],
    dropCm: 58,
  };
  const change = { container: BOX };
  expect(judge('sightline', [['cosmos-white', 0, 0, '9cm']], change, sink)!.score).toBeGreaterThan(
    0.7,
  );
  const low = judge('sightline', [['alyssum-white', 0, 0, 'six-pack']], change, sink)!;
  expect(low.score).toBe(0);
  expect(low.culprits).toHaveLength(1);
  expect(judge('sightline', [['alyssum-white', 0, 0, 'six-pack']], change)).toBeNull();
});

test('evenness and a frame are asked only by schools that want them', () => {
  const spiked: readonly Put[] = [
    ['petunia-violet', -9, 0],
    ['petunia-white', 9, 0],
    ['petunia-violet', 0, 9],
    ['fountain-grass-purple', 0, -9, '1L'],
  ];
  expect(judge('evenness', spiked)).toBeNull();
  const dome = judge('evenness', spiked, wishes({ school: 'dome' }))!;
  expect(dome.score).toBeLessThan(0.6);
  expect(
    judge(
      'evenness',
      [...spiked.slice(0, 3), ['petunia-white', 0, -9]],
      wishes({ school: 'dome' }),
    )!.score,
  ).toBe(1);
  expect(judge('frame', GOOD)).toBeNull();
  const framed = wishes({ school: 'evergreen-frame' });
  const summerOnly = GOOD.filter(([id]) => !id.startsWith('cabbage-palm'));
  expect(judge('frame', summerOnly, framed)!.score).toBeLessThan(0.3);
  // A cabbage palm holds its leaves: it is some frame.
  expect(judge('frame', GOOD, framed)!.score).toBeGreaterThan(
    judge('frame', summerOnly, framed)!.score,
  );
  expect(
    judge(
      'frame',
      [
        ['box-ball', 0, 0, '1L'],
        ['ivy-green', 0, 13],
        ['pansy-blue', 9, 6],
      ],
      wishes({ school: 'evergreen-frame' }),
    )!.score,
  ).toBe(1);
});

test('roles: a school that counts shares minds too few of the carpet', () => {
  const carpet = (n: number, bridge = 1): readonly Put[] => [
    ['gaura-white', 0, -8, '1L'],
    ...Array.from({ length: bridge }, (_, i): Put => ['catmint-blue', -8 + i * 6, 0]),
    ...Array.from({ length: n }, (_, i): Put => ['alyssum-white', -12 + i * 5, 12, 'six-pack']),
  ];
  const school = wishes({ school: 'shares' });
  expect(judge('roles', carpet(5), school)!.score).toBe(1);
  expect(judge('roles', carpet(1, 4), school)!.score).toBeLessThan(1);
  expect(
    (judge('roles', carpet(1, 4), school)!.facts as { off: { role: string } | null }).off,
  ).not.toBeNull();
});

test('packs: one bought for a single plant is told; singly bought plants leave none', () => {
  const six = (n: number): readonly Put[] =>
    Array.from({ length: n }, (_, i): Put => ['alyssum-white', -12 + i * 5, 10, 'six-pack']);
  expect([1, 2, 6].map((n) => judge('spares', six(n))!.score < CHECKS.spares.limits.look)).toEqual([
    true,
    false,
    false,
  ]);
  expect(judge('spares', [['petunia-white', 0, 0]])).toBeNull();
});

test('room to spill: both sides of what the spot has; no question where none was told', () => {
  const at = (spillRoomCm: number | null) =>
    judge('spill-room', [['calibrachoa-yellow', 0, 14]], {}, { spillRoomCm });
  expect(at(null)).toBeNull();
  const { reachCm } = at(0)!.facts as { reachCm: number };
  expect(at(Math.ceil(reachCm))!.score).toBe(1);
  expect(at(Math.floor(reachCm) - 1)!.score).toBeLessThan(1);
});

test('rain, hardening off and handling are cautions where they matter', () => {
  expect(judge('rain', [['petunia-white', 0, 0]], {}, { underCover: true })!.facts).toEqual({
    by: 'roof',
    share: 0,
  });
  expect(judge('rain', [['viola-white', 0, 0]])).toBeNull();
  expect(judge('hardening', [['petunia-white', 0, 0]])!.facts).toMatchObject({
    kinds: ['petunia-white'],
  });
  expect(judge('hardening', [['ivy-green', 0, 0]])).toBeNull();
  expect(
    judge('hardening', [['petunia-white', 0, 0]], { plantedWeek: 28, endWeek: 40 }),
  ).toBeNull();
  const cautions = (puts: readonly Put[], change: Partial<Planting>, spot: Partial<Spot>) =>
    (judge('handling', puts, change, spot)!.facts as { cautions: string[] }).cautions;
  expect(cautions([['petunia-white', 0, 0]], { container: BASKET }, { dropCm: 200 })).toContain(
    'overhead',
  );
  expect(cautions([['petunia-white', 0, 0]], {}, {})).not.toContain('overhead');
  expect(cautions([['basil-green', 0, 0]], {}, {})).toContain('eating');
  expect(cautions([['petunia-white', 0, 0]], {}, { children: true })).toContain('stores');
  expect(
    cautions(
      [['petunia-white', 0, 0]],
      {},
      { waters: { who: '', everyDays: 1, by: 'drip', reservoirL: 0 } },
    ),
  ).toContain('power');
});

test('the estimate of what is seen agrees with leaves counted on the drawing, plant by plant, within three tenths', () => {
  const it = planted(GOOD);
  const reading = read(it);
  const [estimated, counted] = [estimateSeen(it, reading.sizesAt(12)), countSeen(it, 12)];
  counted.share.forEach((share, i) =>
    expect(Math.abs(share - estimated.share[i]!)).toBeLessThan(0.3),
  );
  // What stands behind a wall of leaves is hidden by both.
  const behind = planted([
    ['canna-bronze', 0, 6, '3L'],
    ['dahlia-dark-leaf-red', -9, 8, '1L'],
    ['dahlia-dark-leaf-red', 9, 8, '1L'],
    ['black-mondo', 0, -13],
  ]);
  expect(countSeen(behind, 14).share[3]!).toBeLessThan(0.2);
  expect(estimateSeen(behind, read(behind).sizesAt(14)).share[3]!).toBeLessThan(0.25);
  // Flowers are counted apart: where a plant shows none there is nothing to hide.
  const alone = countSeen(planted([['petunia-white', 0, 0]]), 12);
  expect(alone.flowers![0]).toBeCloseTo(1, 6);
  const nemesia = planted([
    ['canna-bronze', 0, 6, '3L'],
    ['dahlia-dark-leaf-red', -9, 8, '1L'],
    ['dahlia-dark-leaf-red', 9, 8, '1L'],
    ['nemesia-white', 0, -13],
  ]);
  expect(countSeen(nemesia, 12).flowers![3]).toBeLessThan(0.8);
  expect(countSeen(behind, 14).flowers![3]).toBe(1);
  // Counts, where there are any, win over estimates.
  const told = read(
    it,
    new Map([
      [
        reading.grownWeek,
        { share: GOOD.map(() => 0.5), areaCm2: GOOD.map(() => 1), flowers: null },
      ],
    ]),
  );
  expect(told.seenAt(reading.grownWeek).share[0]).toBe(0.5);
});

test('one side is looked at from the front, other views from four; the eye that is told is the one that looks', () => {
  const looks = (spot: Partial<Spot>) => looksOf(planted(GOOD, {}, spot));
  expect(looks({})).toHaveLength(1);
  expect(looks({ view: 'all round' })).toHaveLength(4);
  expect(looks({ view: 'from below' })[0]!.pitchRad).toBeLessThan(0);
  const child = looks({
    eyes: [
      {
        id: 'e',
        name: 'Child',
        kind: 'child',
        bearingDeg: 0,
        distanceCm: 200,
        floorCm: 0,
        sill: null,
        weight: 1,
      },
    ],
  })[0]!;
  expect(child.pitchRad).toBeLessThan(looks({})[0]!.pitchRad);
  const eye = (id: string, weight: number) => ({
    id,
    name: id,
    kind: 'standing' as const,
    bearingDeg: 0,
    distanceCm: id === 'a' ? 100 : 400,
    floorCm: 0,
    sill: null,
    weight,
  });
  const both = looks({ eyes: [eye('a', 1), eye('b', 0.5)] });
  expect(both.map(({ weight }) => weight)).toEqual([2 / 3, 1 / 3]);
  expect(both[0]!.pitchRad).toBeGreaterThan(both[1]!.pitchRad);
  expect(
    looks({ view: 'all round', eyes: [eye('a', 1), eye('b', 0)] }).reduce(
      (sum, { weight }) => sum + weight,
      0,
    ),
  ).toBeCloseTo(1, 9);
});

test('a check turned down says less, to nothing; cautions cannot be turned down', () => {
  const it = planted([
    ['petunia-violet', -9, 0],
    ['lobelia-blue', 9, 0],
    ['salvia-mealy-violet', 0, -8],
  ]);
  const housed = (turnedDown: Readonly<Record<string, number>>) =>
    inSpot(it.planting, it.spot, kindOf, { ...USUAL_HOUSE, turnedDown });
  const usual = opinionOf(it);
  expect(usual.remarks.find(({ check }) => check === 'scheme')!.severity).not.toBe('right');
  expect(opinionOf(housed({ scheme: 0.5 })).score).toBeGreaterThan(usual.score);
  expect(opinionOf(housed({ scheme: 0 })).remarks.some(({ check }) => check === 'scheme')).toBe(
    false,
  );
  const reach = (turnedDown: Readonly<Record<string, number>>) =>
    sayOf('reach', { ...read(it), house: { ...USUAL_HOUSE, turnedDown } });
  expect(reach({ reach: 0 })).toBe(reach({}));
});

test('two are enough for one to swallow the other; one alone is never asked', () => {
  const ids = ['potato-vine-lime', 'alyssum-white'] as const;
  const it = planted(ids.map((id, i) => [id, 6 * i, 0] as const));
  expect(CHECKS.bully.judge(read(it))).not.toBeNull();
  expect(CHECKS.bully.judge(read(planted([[ids[0], 0, 0]])))).toBeNull();
});

test('a bully is given a trim that was tried: what it would have swallowed is not, or later', () => {
  const it = planted(
    [
      ['potato-vine-lime', 0, 2],
      ['coral-bells-plum', 9, 4],
      ['flax-bronze', -2, -9, '1L'],
    ],
    {},
    { sunHours: 5 },
  );
  expect(CHECKS.bully.judge(read(it))!.score).toBeLessThan(0.75);
  const trims = CHECKS.bully.fixes!(read(it), CHECKS.bully.judge(read(it))!).filter(
    ({ kind }) => kind === 'trim',
  );
  expect(trims).toHaveLength(1);
  const fix = tryFixes(it, 'bully', kindOf)!;
  expect(fix.after).toBeGreaterThan(fix.before);
});

test('pale trails and dark pots: what a school weighs differently it weighs differently', () => {
  const it = planted(GOOD);
  const as = (school: Planting['wishes']['school']) =>
    read(
      inSpot(
        { ...it.planting, wishes: { ...it.planting.wishes, school } },
        it.spot,
        kindOf,
        USUAL_HOUSE,
      ),
    );
  expect(sayOf('texture', as('leaf-led'))).toBeGreaterThan(sayOf('texture', as('thriller')));
  expect(sayOf('lead-place', as('dome'))).toBe(0);
  expect(
    opinionOf(
      inSpot(
        { ...it.planting, wishes: { ...it.planting.wishes, school: 'dome' } },
        it.spot,
        kindOf,
        USUAL_HOUSE,
      ),
    ).remarks.some(({ check }) => check === 'lead-place'),
  ).toBe(false);
});

test('what stands the year round is looked at when it is grown, not when it rests; a season at three quarters, as ever', () => {
  const meadow: readonly Put[] = [
    ['coneflower-pink', 0, 0],
    ['salvia-wood-purple', 9, 4],
  ];
  const year = read(planted(meadow, { plantedWeek: 16, endWeek: 15 }));
  const largest = (week: number) =>
    year.sizesAt(week).reduce((sum, { spreadCm }) => sum + spreadCm, 0);
  // Three quarters of it, in January, they are at rest.
  expect(largest(38)).toBeLessThan(0.5 * largest(year.grownWeek));
  for (let week = 0; week <= 38; week += 1)
    expect(largest(year.grownWeek)).toBeGreaterThanOrEqual(0.98 * largest(week));
  const season = read(planted(meadow, { plantedWeek: 16, endWeek: 40 }));
  expect([season.grownWeek, sampledWeeks(season)]).toEqual([18, [6, 12, 18]]);
});

test('perennials that rest in the winter of a year are not missing; those of a summer that is half over are', () => {
  const meadow: readonly Put[] = [
    ['coneflower-pink', 0, 0],
    ['salvia-wood-purple', 9, 4],
  ];
  const missing = (plantedWeek: number, endWeek: number) =>
    CHECKS['gone-over'].judge(read(planted(meadow, { plantedWeek, endWeek })))!.facts;
  expect(missing(18, 17)).toMatchObject({ missing: 0 });
  expect(missing(38, 12)).toMatchObject({ missing: 2 });
});

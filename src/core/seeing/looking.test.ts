import { BASKET, BOX, planted, TUB } from '../../../tests/builders/plantings';
import { frontBearingDeg } from '../spots/front';
import { leastVisibleCm } from '../spots/sightline';
import { usualSpot, type Spot } from '../spots/spot';
import { sunPath, sunThen } from '../spots/sunPath';
import { visibleHeightCm } from '../containers/container';
import { read } from '../checks/reading';
import { STUDIO_LIGHT } from '../marks/light';
import { extentOf, pictureSpan, withFigure } from './framing';
import { hourLight } from './hourLight';
import { itemBuffer, seenShares } from './itemBuffer';
import { backdropOf, withScenery, type Scenery } from './scenery';
import { buildScene, elevation } from './scene';
import { subjectOf } from './subject';
import { inTheWay } from './sightLines';
import { hiddenBelowCm, pitchOf, viewpointsOf } from './viewpoint';

const at = (told: Partial<Spot> = {}) => usualSpot({ id: 's', name: 'S', ...told });
const LENS = { azimuthRad: 0, pitchRad: 0.16, pxPerCm: 4, originX: 200, originY: 380 };
const FRAME = { widthPx: 400, heightPx: 400 };
const facing = (facingDeg: number) => at({ obstacles: [{ id: 'b', kind: 'building', facingDeg }] });

describe('the front', () => {
  test('looks to the weightiest eye, else away from the building, else to the noon sun', () => {
    const eye = {
      id: 'e',
      name: 'Bench',
      kind: 'sitting',
      bearingDeg: 300,
      distanceCm: 200,
      floorCm: 0,
      sill: null,
      weight: 1,
    } as const;
    expect(
      frontBearingDeg(
        at({
          eyes: [{ ...eye, bearingDeg: 20, weight: 0.2, id: 'f' }, eye],
          obstacles: facing(90).obstacles,
        }),
      ),
    ).toBe(300);
    expect(frontBearingDeg(facing(90))).toBe(90);
    expect(frontBearingDeg(at())).toBe(180);
    expect(
      frontBearingDeg(
        at({
          site: {
            latitudeDeg: -34,
            longitudeDeg: 18,
            timeZone: 'Africa/Johannesburg',
            climate: 'southern-subtropical',
          },
        }),
      ),
    ).toBe(0);
  });
});

describe('light by the hour', () => {
  const open = at();
  test('at noon the sun stands before a front that looks south, in the morning to the right of it, in the evening to the left', () => {
    const noon = hourLight(open, 25, 13)!;
    expect(noon.toSun[2]).toBeGreaterThan(0.3);
    expect(Math.abs(noon.toSun[0])).toBeLessThan(0.1);
    // Who looks at a front that faces south looks north: east is at the right hand.
    expect(hourLight(open, 25, 8)!.toSun[0]).toBeGreaterThan(0.5);
    expect(hourLight(open, 25, 18)!.toSun[0]).toBeLessThan(-0.5);
    for (const hour of [7, 13, 19])
      expect(Math.hypot(...hourLight(open, 25, hour)!.toSun)).toBeCloseTo(1);
  });
  test('there is none at night, and a building behind an east front keeps the evening sun off', () => {
    expect(hourLight(open, 25, 1)).toBeNull();
    expect(hourLight(facing(90), 25, 18)!.sunShare).toBe(0);
    expect(hourLight(facing(90), 25, 9)!.sunShare).toBe(1);
  });
  test('a week’s path runs from sunrise to sunset by the clock: about 16.5 h at midsummer and 8 h at midwinter in London', () => {
    expect(sunPath(open, 25).length / 2).toBeGreaterThan(16);
    expect(sunPath(open, 25).length / 2).toBeLessThan(17);
    expect(Math.abs(sunPath(open, 52).length / 2 - 7.8)).toBeLessThan(0.6);
    expect(sunThen(open, 25, 13).bearingDeg).toBeGreaterThan(170);
    expect(sunThen(open, 25, 13).bearingDeg).toBeLessThan(190);
  });
  test('shade lowers every tone and lengthens no shadow; the same plant stays where it is', () => {
    const it = planted([['petunia-white', 0, 0]]);
    const subject = subjectOf(it);
    const [sunny, shady] = [
      buildScene(subject, 8),
      buildScene({ ...subject, light: { ...STUDIO_LIGHT, sunShare: 0 } }, 8),
    ];
    expect(shady.marks.map(({ p }) => p)).toEqual(sunny.marks.map(({ p }) => p));
    expect(shady.marks.every(({ sun }) => sun === 0)).toBe(true);
    const parts = (scene: typeof sunny) =>
      elevation(scene, LENS, 'flat', FRAME).layers.flatMap(({ drawn }) =>
        drawn.flatMap((one) => one.parts),
      ).length;
    expect(parts(shady)).toBeLessThan(parts(sunny));
  });
});

describe('viewpoints', () => {
  test('eyes above the rim look down, at its height level, below it up', () => {
    const rim = visibleHeightCm(TUB);
    expect(pitchOf({ eyeCm: rim + 100, distanceCm: 100 }, TUB, 0)).toBeCloseTo(Math.PI / 4);
    expect(pitchOf({ eyeCm: rim, distanceCm: 200 }, TUB, 0)).toBe(0);
    expect(pitchOf({ eyeCm: 160, distanceCm: 100 }, BASKET, 210)).toBeLessThan(-0.4);
  });
  test('a sill outdoors offers the view over it from indoors; a pot on the ground and a basket do not', () => {
    const names = (spot: Spot, container = BOX) =>
      viewpointsOf(spot, container).map(({ id }) => id);
    expect(names(at({ exposure: 'sill', dropCm: 95 }))).toContain('indoors');
    expect(names(at({ exposure: 'open', dropCm: 0 }), TUB)).not.toContain('indoors');
    expect(names(at({ exposure: 'sill', dropCm: 95 }), BASKET)).not.toContain('indoors');
    const indoors = viewpointsOf(at({ exposure: 'sill', dropCm: 95 }), BOX).find(
      ({ id }) => id === 'indoors',
    )!;
    expect(Math.abs(indoors.azimuthRad)).toBeCloseTo(Math.PI);
  });
  test('the line over a sill is the one the check of sightlines reads', () => {
    const eye = {
      id: 'sink',
      name: 'Sink',
      kind: 'sitting',
      bearingDeg: 0,
      distanceCm: 90,
      floorCm: 0,
      sill: { heightCm: 105, nearCm: 40, farCm: 60 },
      weight: 1,
    } as const;
    const [view] = viewpointsOf(at({ eyes: [eye], dropCm: 80 }), BOX);
    const soil = 80 + 15;
    expect(hiddenBelowCm(view!, 80)! + 80 - soil).toBeCloseTo(leastVisibleCm(eye, soil));
    expect(hiddenBelowCm({ ...view!, sill: null }, 80)).toBeNull();
  });
  test('told eyes come turned to their side of the front', () => {
    const eye = (id: string, bearingDeg: number, weight: number) =>
      ({
        id,
        name: id,
        kind: 'standing',
        bearingDeg,
        distanceCm: 300,
        floorCm: 0,
        sill: null,
        weight,
      }) as const;
    const views = viewpointsOf(at({ eyes: [eye('path', 180, 1), eye('gate', 90, 0.5)] }), TUB);
    expect(views[0]!.azimuthRad).toBe(0);
    // Looking at a front that faces south, what comes from the east comes from the right.
    expect(views[1]!.azimuthRad).toBeCloseTo(Math.PI / 2);
  });
});

describe('scenery', () => {
  const it = planted([
    ['cabbage-palm-red', 0, -6, '1L'],
    ['petunia-white', 0, 9],
  ]);
  const scene = buildScene(subjectOf(it), 10);
  const picture = elevation(scene, LENS, 'flat', FRAME);
  const whole: Scenery = {
    figure: 'person',
    dropCm: 0,
    figureAtCm: -60,
    behind: [[0.6, 0.05, 40]],
    sillCm: null,
  };
  test('plants are counted the same with a wall and a person behind them', () => {
    expect(seenShares(itemBuffer(withScenery(picture, whole, LENS), 1), 2)).toEqual(
      seenShares(itemBuffer(picture, 1), 2),
    );
  });
  test('a sill covers what lies below its line, and nothing above it', () => {
    const cut = (sillCm: number) =>
      itemBuffer(withScenery(picture, { ...whole, figure: 'none', behind: null, sillCm }, LENS), 1);
    const plants = (ids: ArrayLike<number>) =>
      Array.from(ids).filter((id) => id === 1 || id === 2).length;
    const all = plants(itemBuffer(picture, 1).ids);
    expect(plants(cut(-50).ids)).toBe(all);
    expect(plants(cut(45).ids)).toBeLessThan(all);
    expect(plants(cut(400).ids)).toBe(0);
  });
  test('a shrub behind shows in its weeks only, round the year’s end too', () => {
    const spot = at({
      background: [
        { id: 'w', name: 'Wall', colour: [0.5, 0.08, 35], weeks: null },
        { id: 's', name: 'Shrub', colour: [0.6, 0.2, 350], weeks: [50, 6] },
      ],
    });
    expect(
      [backdropOf(spot, 2), backdropOf(spot, 6), backdropOf(spot, 7), backdropOf(spot, 25)].map(
        (colours) => colours.length,
      ),
    ).toEqual([2, 2, 1, 1]);
  });
  test('room is made for a person’s whole height on the ground, for head and shoulders under a high basket', () => {
    const extent = extentOf(read(it));
    const { extent: wide, figureAtCm } = withFigure(extent, 'person', 0);
    expect(wide.aboveCm).toBeGreaterThanOrEqual(168);
    expect(-figureAtCm - 27).toBeGreaterThan(extent.leftCm);
    expect(withFigure(extent, 'none', 0).extent).toEqual(extent);
    const high = withFigure(extent, 'person', 210).extent;
    expect(high.belowCm).toBeLessThan(210);
    expect(high.belowCm).toBeGreaterThan(210 - 168 + 40);
  });
  test('looked at from higher, heights shorten and depths open', () => {
    const extent = extentOf(read(it));
    const level = pictureSpan(extent, 0.16);
    const steep = pictureSpan(extent, 0.9);
    expect(level.aboveCm).toBeCloseTo(extent.aboveCm * Math.cos(0.16));
    expect(steep.belowCm).toBeGreaterThan(level.belowCm);
  });
});

describe('lines of sight', () => {
  const eye = { azimuthRad: 0, pitchRad: 0 };
  const sizes = (heights: readonly number[], spread = 14) =>
    heights.map((heightCm) => ({
      heightCm,
      spreadCm: spread,
      trailCm: 0,
      share: 1,
      bloom: 0,
      fruit: 0,
    })) as never;
  const it = planted([
    ['petunia-white', 0, -10],
    ['coleus-lime', 0, 8],
    ['coleus-lime', 14, 8],
  ]);
  test('what stands before it and is taller is in the way; what stands aside is not', () => {
    expect(inTheWay(it, sizes([20, 30, 30]), 0, eye)).toEqual([1]);
    expect(inTheWay(it, sizes([20, 30, 30], 60), 0, eye)).toEqual([1, 2]);
  });
  test('a low plant is looked over, a tall one from behind too', () => {
    expect(inTheWay(it, sizes([40, 25, 25]), 0, eye)).toEqual([]);
    expect(inTheWay(it, sizes([20, 30, 30]), 0, { azimuthRad: 0, pitchRad: 0.9 })).toEqual([]);
    expect(inTheWay(it, sizes([20, 30, 30]), 0, { azimuthRad: Math.PI, pitchRad: 0 })).toEqual([]);
    expect(inTheWay(it, sizes([40, 20, 20]), 1, { azimuthRad: Math.PI, pitchRad: 0 })).toEqual([0]);
  });
});

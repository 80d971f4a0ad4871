import { CLIMATE_IDS } from '@/core/climate/climates';
import { frostFreeWeeks } from '@/core/spots/frost';
import { frontBearingDeg } from '@/core/spots/front';
import {
  anchorOf,
  groundShapeOf,
  movedTo,
  planReachCm,
  pushed,
  tapeCm,
} from '@/core/spots/groundPlan';
import { gripsOf } from '@/core/spots/grips';
import { midsummerSun, surroundingsOf } from '@/core/spots/light';
import { LIGHT_LABELS, lightLabel, lightSpells, sunWhenOf } from '@/core/spots/lightLabel';
import { clearSkyKlx, expectedKlx, seenFromKlx } from '@/core/spots/lightMeter';
import { mirrored, OBSTACLE_KINDS, overlap, type Obstacle } from '@/core/spots/obstacle';
import { rainShare } from '@/core/spots/rain';
import {
  heatHours,
  meanSun,
  midsummerDays,
  monthlySun,
  reckonYear,
  seasonDays,
  weekOfDay,
} from '@/core/spots/reckoning';
import { facingBySun, SUN_FROM_WALL, sighted, sightedHeight, sightOf } from '@/core/spots/sighting';
import { hangRoom, leastVisibleCm } from '@/core/spots/sightline';
import { heightsAt, raisedTo, turnedTo } from '@/core/spots/silhouette';
import { skyPathsOf } from '@/core/spots/skyPaths';
import { bookWeek, usualSpot, type Spot } from '@/core/spots/spot';
import { expectedByHour } from '@/core/spots/sunLog';
import { sunPath } from '@/core/spots/sunPath';
import { EXPOSURES, EYE_KINDS, LIGHT_HABITS } from '@/core/spots/terms';
import { usualObstacle } from '@/core/spots/usualObstacles';
import { hash01 } from '@/core/random/hash';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** How many spots are made up, each with two things round it. */
const SPOTS = 18;
/** Of every so many the sun's whole way is told. */
const WHOLE = 6;

/** A spot by lot: any climate, exposure and hemisphere, with two things round it at bearings by lot. */
function spotOf(n: number): Spot {
  const lot = (of: number) => hash01(n, of, 91);
  const climate = CLIMATE_IDS[n % CLIMATE_IDS.length]!;
  const things = [0, 1].map((at) =>
    usualObstacle(
      OBSTACLE_KINDS[(n + 2 * at) % OBSTACLE_KINDS.length]!,
      `thing-${at}`,
      Math.round(360 * lot(at)),
    ),
  );
  return usualSpot({
    id: `spot-${n}`,
    name: `Spot ${n}`,
    exposure: EXPOSURES[n % EXPOSURES.length]!,
    leafHeightCm: 60 + 20 * (n % 5),
    dropCm: n % 3 === 0 ? 150 + 20 * (n % 4) : 0,
    obstacles: things,
    eyes: [
      {
        id: 'eye',
        name: 'Eye',
        kind: EYE_KINDS[n % EYE_KINDS.length]!,
        bearingDeg: Math.round(360 * lot(5)),
        distanceCm: 60 + 200 * lot(6),
        floorCm: 10 * (n % 3),
        weight: n % 2,
        sill: n % 4 === 1 ? { heightCm: 85, nearCm: 40, farCm: 60 } : null,
      },
    ] as Spot['eyes'],
    site: {
      latitudeDeg: climate.startsWith('southern') ? -36 : climate.startsWith('tropical') ? 9 : 51,
      longitudeDeg: Math.round(20 * lot(7)),
      timeZone: 'Europe/London',
      climate,
    },
  });
}

/** What stands round spots by lot, and what that leaves of sun, rain and room. */
export function aroundTold(): readonly Row[] {
  return [
    ...Array.from({ length: SPOTS }, (_, n) => spotTold(spotOf(n), n)).flat(),
    [
      'sights and skies',
      toldOf([
        [0, 4, 15, 33, 61].map(clearSkyKlx),
        [0, 40, 95].map((beta) =>
          sightOf({ alpha: beta * 3, beta, gamma: 0, compassDoubtDeg: beta }),
        ),
        sightedHeight({ altitudeDeg: 22, altitudeDoubtDeg: 2 }, 340, 70),
        Object.keys(SUN_FROM_WALL).map((seen) =>
          facingBySun(140, seen as keyof typeof SUN_FROM_WALL),
        ),
        [0, 6, 7, 180, 364].map(weekOfDay),
        [midsummerDays(50), midsummerDays(-30)].map((days) => [days.length, days[0], days.at(-1)]),
        [seasonDays(20, 3).length, seasonDays(20, 3)[0], seasonDays(51, 4).at(-1)],
      ]),
    ],
  ];
}

function spotTold(spot: Spot, n: number): readonly Row[] {
  const year = reckonYear(surroundingsOf(spot));
  const summer = midsummerSun(spot);
  const [first, second] = spot.obstacles as readonly [Obstacle, Obstacle];
  const { lines, band, hours } = skyPathsOf(spot, { from: 18 + n, weeks: 12 }, (31 * n) % 365);
  return [
    [
      `${spot.name}: light`,
      toldOf([
        summer,
        monthlySun(year).map(({ directH, effectiveH }) => [directH, effectiveH]),
        meanSun(year, seasonDays(10 + n, 9)),
        heatHours(summer, 0.1 * (n % 3)),
        LIGHT_HABITS.map((habit) => LIGHT_LABELS.indexOf(lightLabel(summer, habit))),
        sunWhenOf(summer),
        lightSpells(year, seasonDays(12, 30), 'plain').map(({ label, fromDay, toDay }) => [
          label,
          fromDay,
          toDay,
        ]),
        [7, 10, 13, 17].map((hour) => [
          expectedKlx(spot, '2026-05-20', hour),
          seenFromKlx(22, spot, '2026-05-20', hour),
        ]),
        expectedByHour(spot, '2026-09-02'),
        sunPath(spot, 22).length,
      ]),
    ],
    [
      `${spot.name}: sky`,
      toldOf([
        n % WHOLE === 0 ? [lines[3], band] : null,
        hours.length,
        [20, 140, 250].map((bearing) =>
          spot.obstacles.map((one) => heightsAt(one, spot.leafHeightCm, bearing)),
        ),
      ]),
    ],
    [
      `${spot.name}: things round it`,
      toldOf([
        overlap(first, second),
        mirrored(first),
        groundShapeOf(first, 5000),
        [anchorOf(first), tapeCm(first), planReachCm(spot.obstacles)],
        movedTo(first, [120, -210]),
        pushed(second, 35),
        turnedTo(first, 77),
        raisedTo(first, spot.leafHeightCm, 31),
        sighted(
          second,
          { bearingDeg: 200, altitudeDeg: 18, bearingDoubtDeg: 10, altitudeDoubtDeg: 2 },
          70,
        ),
        gripsOf(first, spot.leafHeightCm).length,
      ]),
    ],
    [
      `${spot.name}: weather and room`,
      toldOf([
        [0, 70, 160, 290].map((from) => [3, 27, 46].map((week) => rainShare(spot, from, week))),
        frostFreeWeeks(spot),
        [1, 20, 40].map((week) => bookWeek(week, spot)),
        frontBearingDeg(spot),
        hangRoom(spot),
        leastVisibleCm(spot.eyes[0]!, 60),
      ]),
    ],
  ];
}

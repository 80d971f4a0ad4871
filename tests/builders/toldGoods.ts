import { read } from '@/core/checks/reading';
import type { Container } from '@/core/containers/container';
import { mixSurface } from '@/core/containers/container';
import { reachOf } from '@/core/containers/section';
import { MIXES } from '@/core/containers/mixes';
import { snapped } from '@/core/placing/snap';
import { slitsOf, withSidesPlanted } from '@/core/placing/sides';
import { sidesOf } from '@/core/plantings/planting';
import { BOOK } from '@/core/plants/book/index';
import { edgeShare, fillingOf, wetZone } from '@/core/potting/filling';
import { mixFit } from '@/core/potting/mixFit';
import { frostRisk, rootsColderK, sunHeatK } from '@/core/potting/rootZone';
import { floorPressureKPa, tippingOf, tipSpeedMs, windName } from '@/core/potting/tipping';
import { SHIPPED } from '@/core/shelf/shipped';
import { mixNeed, totalOf } from '@/core/shopping/shoppingList';
import { plantCost, plantLines } from '@/core/shopping/plantCost';
import { benchesOf, STOPS } from '@/core/shopping/stops';
import { sunPath } from '@/core/spots/sunPath';
import { dripMarks, sightMarks, sunMarks, supportMarks } from '@/core/stencil/aids';
import { containerMarks } from '@/core/stencil/container';
import { guideMarks } from '@/core/stencil/guides';
import { ballMarks, leanMarks, spreadMarks } from '@/core/stencil/plants';
import { outsideReachCm, sideMarks } from '@/core/stencil/sides';
import { usualSupport } from '@/core/plantings/support';
import { hash01 } from '@/core/random/hash';
import { HALT } from './halt';
import { known } from './plantings';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** What is filled, bought and drawn on the plan, for containers of the shelf, plantings of the Halt and days of the shops. */
export function goodsTold(): readonly Row[] {
  return [...SHIPPED.flatMap(filledTold), ...shopsTold(), ...HALT.flatMap(drawnTold)];
}

const SIDES = ['lobelia-blue', 'alyssum-white'].map(known);
const FEET = ['none', 'coarse', 'crocks'] as const;
const BALLS = ['9cm', '2L', 'six-pack', '1L'] as const;

function filledTold(container: Container, i: number): readonly Row[] {
  const footed: Container = {
    ...container,
    foot: FEET[i % 3]!,
    footCm: 1 + (i % 4),
    dressingCm: i % 2,
    frostProof: [null, null, false, true][i % 4]!,
    colour: [0.25 + 0.6 * hash01(i, 3), 0.03, 40],
  };
  const plants = [
    { xCm: -4, zCm: i % 3 },
    { xCm: 5, zCm: -2 },
  ];
  const sizes = plants.map((_, n) => ({
    share: 0.9,
    heightCm: 30 + 20 * n,
    spreadCm: 25 + 4 * i,
    trailCm: n * 12,
    bloom: 0.5,
    fruit: 0,
    shaded: 0,
  }));
  return [
    [
      `${container.name}: filled`,
      toldOf([
        fillingOf(footed, BALLS.slice(0, 1 + (i % 4)), i % 2 === 0, i % 2 ? ['9cm'] : []),
        fillingOf(footed, [], true),
        wetZone(footed),
        edgeShare(footed),
        rootsColderK(footed),
        frostRisk(footed),
        [0, 3, 8].map((hours) => sunHeatK(footed, hours)),
        tippingOf(footed, plants, sizes),
        [5, 40, 200].map((kg) => floorPressureKPa(footed, kg)),
      ]),
    ],
  ];
}

const DAYS = ['2026-03-14', '2026-05-18', '2026-05-21', '2026-10-02'] as const;

function shopsTold(): readonly Row[] {
  return [
    ...STOPS.flatMap((stop, i) =>
      DAYS.map((day): Row => [
        `${stop.id} on ${day}`,
        toldOf(
          benchesOf(
            BOOK.filter((_, n) => n % 61 === i),
            stop,
            1 + i,
            day,
          ).map(({ kindId, size, count, price, note, tired, daysIn }) => [
            kindId,
            size,
            count,
            price,
            note,
            tired,
            daysIn,
          ]),
        ),
      ]),
    ),
    [
      'bags for litres',
      toldOf([0, 3, 17.3, 17.5, 34, 52, 70, 88, 131, 260].map((litres) => mixNeed(litres))),
    ],
    [
      'the Halt bought together',
      toldOf([
        totalOf(HALT.map(({ planting: { container }, plants }) => ({ container, plants }))),
        HALT.map(({ plants }) => [plantCost(plants), plantLines(plants)]),
      ]),
    ],
    [
      'winds that tip',
      toldOf([
        [0, 2, 5, 9, 12, 16, 19, 23, 27, 31, 40].map(windName),
        tipSpeedMs({ kg: 30, baseCm: 30, sailM2: 0.4, middleCm: 60, drag: 1.1 }),
      ]),
    ],
    ...Object.entries(MIXES).map(([name, mix]): Row => [
      `mix ${name}`,
      toldOf(BOOK.filter((_, n) => n % 31 === 0).map((kind) => mixFit(mix, kind))),
    ]),
  ];
}

function drawnTold(it: (typeof HALT)[number], i: number): readonly Row[] {
  const { planting, plants, spot } = it;
  const { name, container } = planting;
  const reading = read(it);
  const sizes = reading.sizesAt(8 + i);
  const slit = { ...container, sideHoles: [slitsOf(container), slitsOf(container)] };
  const holed = { ...planting, container: slit };
  const sides = sidesOf({ ...holed, sides: withSidesPlanted(holed, SIDES, null) }, known);
  const half = reachOf(mixSurface(container));
  const dragged = plants.map(({ kindId, size, xCm, zCm }, n) =>
    snapped(container, plants, { kindId, size }, { xCm: xCm + 0.6 * n - 1, zCm: zCm + 0.4 }, 2),
  );
  return [
    [
      `${name}: on the plan`,
      toldOf([
        containerMarks(container),
        ballMarks(plants, ({ kindId }) => kindId.slice(0, 1)),
        spreadMarks(plants, sizes),
        plants.flatMap((plant, n) =>
          leanMarks(
            { ...plant, lean: { tiltDeg: 4 * n, turnDeg: 35 * n } },
            { container, hung: i % 2 === 0 },
          ),
        ),
        dripMarks(container, plants),
        (['obelisk', 'wigwam', 'trellis'] as const).flatMap((form) =>
          supportMarks({ ...usualSupport(container, form), xCm: i, zCm: -2 }),
        ),
        sunMarks(container, sunPath(spot, 10 + 3 * i), 20 * i, (hour) => hour.toFixed(1)),
        sightMarks(reading, sizes, {
          places: plants.map(({ id }) => id),
          eye: { azimuthRad: 0.3 * i, pitchRad: 0.3 },
          beyondCm: 12,
        }),
        dragged.map(({ guides }) => guideMarks(guides, half, plants)),
        [outsideReachCm(slit), sideMarks(slit, sides, ({ kindId }) => kindId.slice(0, 1))],
      ]),
    ],
  ];
}

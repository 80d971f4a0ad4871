import { read } from '@/core/checks/reading';
import { mixSurface, type Container } from '@/core/containers/container';
import { edgePlaces, insetCm, outlineOf, towardEdge } from '@/core/containers/section';
import { arranged } from '@/core/placing/arrange';
import { dripPlaces } from '@/core/placing/drip';
import { gravelCm, settingDepthCm, wallRoomCm, worstShortfallCm } from '@/core/placing/fit';
import { fitsIn } from '@/core/placing/fits';
import { settle } from '@/core/placing/settle';
import { sideFaults, slitsOf, withSidesPlanted } from '@/core/placing/sides';
import { snapped } from '@/core/placing/snap';
import { tierShares } from '@/core/placing/tiers';
import { wishedPlaces } from '@/core/placing/wishedPlaces';
import { NURSERY_SIZE_IDS } from '@/core/plants/nursery';
import { ROLES } from '@/core/plants/terms';
import { hash01 } from '@/core/random/hash';
import { extentOf, pictureSpan } from '@/core/seeing/framing';
import { hourLight } from '@/core/seeing/hourLight';
import { inTheWay } from '@/core/seeing/sightLines';
import { hiddenBelowCm, pitchOf, viewpointsOf } from '@/core/seeing/viewpoint';
import { SHIPPED } from '@/core/shelf/shipped';
import { clockAheadMin, clockMs, dayOfYear } from '@/core/sky/clock';
import { dayOfWeek, monthOfDay, noonMs, sunDay } from '@/core/sky/days';
import { extraterrestrialMJ, referenceEtMm } from '@/core/sky/radiation';
import { dayLengthH, solarMinutes, sunAt, sunState } from '@/core/sky/sun';
import { VIEWS } from '@/core/spots/terms';
import { HALT } from './halt';
import { known } from './plantings';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

const sumOf = (numbers: readonly number[]) => numbers.reduce((sum, one) => sum + one, 0);

/** Places in few numbers: how many, and where they lie in the mean, by themselves and by their distance from the middle. */
const inShort = (
  places: readonly { readonly xCm: number; readonly zCm: number }[],
): readonly number[] => [
  places.length,
  sumOf(places.map(({ xCm }, i) => xCm * (i + 1))),
  sumOf(places.map(({ zCm }, i) => zCm * (i + 1))),
  sumOf(places.map(({ xCm, zCm }) => Math.hypot(xCm, zCm))),
];

/** One container of each shape that comes with the app. */
const SHAPES: readonly Container[] = [
  ...new Map([...SHIPPED].reverse().map((one) => [one.shape.kind, one])).values(),
];

/** What goes into a container, where, and how far it is from its walls. */
export function placesTold(): readonly Row[] {
  return [...SHAPES.flatMap(shapeTold), ...HALT.flatMap(standsTold), ...HALT.map(snapsTold)];
}

/** How many times a plant is carried somewhere by lot, and how far it is drawn, cm. */
const CARRIED = 30;
const DRAWN_CM = 2.5;

/** Where a plant under the hand is helped to, of some places by lot: near its sisters' ring, in line, beside a neighbour. */
function snapsTold({ planting, plants }: (typeof HALT)[number], i: number): Row {
  const { container, places, name } = planting;
  return [
    `${name}: carried`,
    toldOf(
      Array.from({ length: CARRIED }, (_, n) => {
        const moving = places[n % places.length]!;
        const beside = plants[(n * 3 + 1) % plants.length]!;
        const [out, turn] = [6 * hash01(i, n, 1), 6.3 * hash01(i, n, 2)];
        const at = {
          xCm: beside.xCm + out * Math.sin(turn),
          zCm: beside.zCm + out * Math.cos(turn),
        };
        const others = places.filter(({ id }) => id !== moving.id);
        const { xCm, zCm, guides } = snapped(container, others, moving, at, DRAWN_CM);
        return [xCm, zCm, guides.map(({ kind }) => kind)];
      }),
    ),
  ];
}

const THIRSTY = ['houseleek-red', 'petunia-white', 'lobelia-blue', 'hydrangea-blue'];
const FEW = [1, 2, 3, 5, 8] as const;

function shapeTold(container: Container): readonly Row[] {
  const { name } = container;
  const mix = mixSurface(container);
  const { top, sides, over } = fitsIn({ ...container, sideHoles: [slitsOf(container)] });
  return [
    [
      `${name}: fits`,
      toldOf([
        Object.values(top).map(inShort),
        Object.values(sides).map((holes) => inShort(holes)),
        Object.values(over).map((tops) => Object.values(tops).map(({ length }) => length)),
      ]),
    ],
    ...VIEWS.flatMap((view) =>
      ROLES.map((role): Row => [
        `${name}: ${role}, ${view}`,
        toldOf(
          FEW.map((count) =>
            inShort(wishedPlaces(container, view, role, count, { leads: 1, lead: 'by view' })),
          ),
        ),
      ]),
    ),
    [
      `${name}: leads`,
      toldOf(
        (['centre', 'a third over', 'back'] as const).map((lead) =>
          inShort(wishedPlaces(container, 'one side', 'lead', 1, { leads: 1, lead })),
        ),
      ),
    ],
    [
      `${name}: section`,
      toldOf([
        tierShares(container),
        outlineOf(mix).length,
        edgePlaces(mix, 7, 0.3, true).map(([xCm, zCm]) => [xCm, zCm]),
        [0, 5, 11].map((cm) => [insetCm(mix, cm, cm / 2), towardEdge(mix, cm, cm / 3)]),
      ]),
    ],
    [
      `${name}: drip`,
      toldOf(
        dripPlaces(
          container,
          wishedPlaces(container, 'all round', 'edge', 7, { leads: 0, lead: 'by view' }).map(
            (at, i) => ({ ...at, kind: known(THIRSTY[i % THIRSTY.length]!) }),
          ),
        ),
      ),
    ],
    [
      `${name}: room`,
      toldOf(
        NURSERY_SIZE_IDS.map((size) => [
          wallRoomCm(container, { size, xCm: 2, zCm: 3 }),
          gravelCm(container, size, known('houseleek-red')),
          settingDepthCm(size, known('houseleek-red')),
        ]),
      ),
    ],
  ];
}

const PATTERNS = ['ring', 'zigzag', 'thirds'] as const;
/** Centimetres within which a moving plant is helped. */
const REACH_CM = 4;

function standsTold(it: (typeof HALT)[number]): readonly Row[] {
  const { planting, plants, sides } = it;
  const { container, places, name } = planting;
  const chosen = places.map(({ id }) => id);
  const nudged = places.map((place, i) => ({
    ...place,
    xCm: place.xCm + 12 * hash01(7, i) - 6,
    zCm: place.zCm + 12 * hash01(8, i) - 6,
    spreadRadiusCm: 6 + 3 * (i % 3),
  }));
  const slit = { ...container, sideHoles: [slitsOf(container)] };
  return [
    [
      `${name}: settled`,
      toldOf([
        settle(container, nudged).shortfallCm,
        inShort(settle(container, nudged).places),
        worstShortfallCm(container, nudged),
      ]),
    ],
    ...PATTERNS.map((pattern): Row => [
      `${name}: ${pattern}`,
      toldOf(inShort(arranged(container, places, chosen, pattern, plants))),
    ]),
    [`${name}: drip`, toldOf(dripPlaces(container, plants))],
    [
      `${name}: snapped`,
      toldOf(
        nudged.map((at, i) =>
          snapped(
            container,
            places.filter((_, j) => j !== i),
            places[i]!,
            at,
            REACH_CM,
          ),
        ),
      ),
    ],
    [
      `${name}: sides`,
      toldOf([
        [...sideFaults(container, sides, plants).values()],
        withSidesPlanted(
          { container: slit },
          [known('lobelia-blue'), known('petunia-white')],
          null,
        ).map(({ kindId, size, row, hole }) => [kindId, size, row, hole]),
      ]),
    ],
  ];
}

const HOURS = [7, 10, 13, 16, 19] as const;
const PITCHES = [-0.3, 0, 0.3, 0.8] as const;

/** From where and in what light the Halt's plantings are looked at, what room that takes, and what stands before what. */
export function viewsTold(): readonly Row[] {
  return HALT.flatMap((it): readonly Row[] => {
    const { planting, spot } = it;
    const { container, name } = planting;
    const reading = read(it);
    const extent = extentOf(reading);
    const grown = reading.grown();
    return [
      [`${name}: room`, toldOf([extent, PITCHES.map((pitch) => pictureSpan(extent, pitch))])],
      [
        `${name}: eyes`,
        toldOf(
          viewpointsOf({ ...spot, exposure: 'sill', dropCm: 95 }, container).map((eye) => [
            eye,
            pitchOf(eye, container, spot.dropCm),
            hiddenBelowCm(eye, spot.dropCm),
          ]),
        ),
      ],
      [
        `${name}: in the way`,
        toldOf(
          grown.map((_, i) =>
            [0, 1, 2.5].map((azimuthRad) => inTheWay(it, grown, i, { azimuthRad, pitchRad: 0.16 })),
          ),
        ),
      ],
      [
        `${name}: light`,
        toldOf([5, 26, 44].map((week) => HOURS.map((hour) => hourLight(spot, week, hour)))),
      ],
    ];
  });
}

const PLACES = [
  [53.4, -2.2, 'Europe/London'],
  [-37.8, 145, 'Australia/Melbourne'],
  [68, 20, 'Europe/Stockholm'],
  [1.3, 103.8, 'Asia/Singapore'],
  [40.7, -74, 'America/New_York'],
] as const;
const DATES = ['2024-02-29', '2026-03-29', '2026-06-21', '2026-10-25', '2027-01-01'] as const;

/** The sun, its radiation and the clocks, from the tropics to beyond the polar circle, through the year. */
export function skyTold(): readonly Row[] {
  return [
    ...PLACES.flatMap(([latitudeDeg, longitudeDeg, zone]) =>
      DATES.map((date): Row => {
        const site = { latitudeDeg, longitudeDeg };
        const day = dayOfYear(date);
        const { declinationRad } = sunState(noonMs(site, day));
        return [
          `${zone} ${date}`,
          toldOf([
            day,
            // Minutes from midnight UTC: an instant has too many figures for what is kept.
            ...[0, 1.5, 2.5, 12, 23.75].map(
              (hour) => (clockMs(date, hour, zone) - Date.parse(date)) / 60_000,
            ),
            clockAheadMin(zone, Date.parse(date)),
            sunDay(site, day),
            dayLengthH(latitudeDeg, declinationRad),
            extraterrestrialMJ(latitudeDeg, day),
            ...[0, 8, 15].flatMap((hour) => {
              const at = Date.parse(date) + hour * 3_600_000;
              return [solarMinutes(site, at), sunAt(site, at)];
            }),
          ]),
        ];
      }),
    ),
    [
      'weeks and months',
      toldOf([
        Array.from({ length: 53 }, (_, i) => dayOfWeek(i + 1)),
        [0, 30, 31, 58, 59, 180, 181, 333, 334, 364].map(monthOfDay),
      ]),
    ],
    [
      'what grass would drink',
      toldOf(
        [
          [12, 24, 40],
          [-5, 2, 8],
          [20, 20, 30],
          [24, 38, 41],
        ].map(([minC, maxC, raMJ]) => referenceEtMm({ minC: minC!, maxC: maxC!, raMJ: raMJ! })),
      ),
    ],
  ];
}

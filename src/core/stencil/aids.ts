import { wallOf, type Container } from '../containers/container';
import { grown, reachOf, type PlanPoint } from '../containers/section';
import { rimSection } from '../containers/shape';
import type { Size } from '../growth/foresee';
import { legsOf } from '../marks/support';
import { dripPlaces } from '../placing/drip';
import type { PlacedPlant, PlantingInSpot } from '../plantings/planting';
import type { Support } from '../plantings/support';
import { inTheWay } from '../seeing/sightLines';
import type { SunThen } from '../spots/sunPath';
import { RAD_PER_DEG } from '../units/units';
import type { PlanMark } from './planMark';

/** Drip emitters, where they would lie. */
export function dripMarks(
  container: Container,
  plants: readonly PlacedPlant[],
): readonly PlanMark[] {
  return dripPlaces(container, plants).map(({ xCm, zCm }): PlanMark => ({
    kind: 'symbol',
    what: 'emitter',
    at: [xCm, zCm],
  }));
}

/** Half the width of the feet of a trellis, cm. */
const FOOT_CM = 1;

/** What stands in the mix for plants to climb, from above. */
export function supportMarks(support: Support): readonly PlanMark[] {
  const { form, xCm: x, zCm: z } = support;
  const half = support.widthCm / 2;
  const line = (...points: PlanPoint[]): PlanMark => ({ kind: 'line', what: 'support', points });
  const corners: PlanPoint[] = [
    [x - half, z - half],
    [x + half, z - half],
    [x + half, z + half],
    [x - half, z + half],
  ];
  switch (form) {
    case 'obelisk':
      return [
        line(...corners, corners[0]!),
        line(corners[0]!, corners[2]!),
        line(corners[1]!, corners[3]!),
      ];
    case 'wigwam':
      return legsOf(support, { soilY: () => 0 }).map(({ from }) =>
        line([x, z], [from[0], from[2]]),
      );
    case 'trellis':
      return [
        line([x - half, z], [x + half, z]),
        line([x - half, z - FOOT_CM], [x - half, z + FOOT_CM]),
        line([x + half, z - FOOT_CM], [x + half, z + FOOT_CM]),
      ];
  }
}

/** How far past the wall the ticks of the sun begin and end, and its hours stand, cm. */
const SUN_CM = { from: 2.2, lit: 4.6, shaded: 2.9, hour: 7, below: 9 } as const;
/** Share of the sun that must come through for it to count as sun. */
const SEEN = 0.5;

/**
 * Where the sun stands through a day: ticks round the rim, long in the sun, short in shade, with its first and last hour.
 * @param frontDeg the way the front looks, degrees from north
 */
export function sunMarks(
  container: Container,
  path: readonly SunThen[],
  frontDeg: number,
  hourText: (hour: number) => string,
): readonly PlanMark[] {
  const rim = rimSection(container.shape);
  const { acrossCm, deepCm } = reachOf(grown(rim, wallOf(container)));
  const place = (bearingDeg: number, outCm: number): PlanPoint => {
    const off = (bearingDeg - frontDeg) * RAD_PER_DEG;
    // Round a box they follow its edges: an oval would cut across its corners.
    if (rim.kind === 'rect') {
      const [x, z] = [-Math.sin(off), Math.cos(off)];
      const far = Math.min((acrossCm + outCm) / Math.abs(x), (deepCm + outCm) / Math.abs(z));
      return [x * far, z * far];
    }
    return [-Math.sin(off) * (acrossCm + outCm), Math.cos(off) * (deepCm + outCm)];
  };
  const lit = path.filter(({ through }) => through >= SEEN);
  const hour = (text: string, bearingDeg: number): PlanMark => ({
    kind: 'label',
    what: 'sun hour',
    at: place(bearingDeg, SUN_CM.hour),
    text,
    elseZCm: deepCm + SUN_CM.below,
  });
  const [first, last] = [lit[0], lit[lit.length - 1]];
  return [
    ...path.map(({ bearingDeg, through }): PlanMark => ({
      kind: 'line',
      what: through >= SEEN ? 'sun' : 'shade',
      points: [
        place(bearingDeg, SUN_CM.from),
        place(bearingDeg, through >= SEEN ? SUN_CM.lit : SUN_CM.shaded),
      ],
    })),
    // The path is told by half hours: the last one goes on for as long.
    ...(first && last
      ? [
          hour(`sun ${hourText(first.hour)}`, first.bearingDeg),
          hour(hourText(last.hour + 0.5), last.bearingDeg),
        ]
      : []),
  ];
}

/** Share of its half spread at which a plant in the way is hatched. */
const IN_THE_WAY = 0.7;

/** Lines from plants toward the eye, `beyondCm` long, and the plants that stand in between. */
export function sightMarks(
  it: PlantingInSpot,
  sizes: readonly Size[],
  {
    places,
    eye,
    beyondCm,
  }: {
    readonly places: readonly string[];
    readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
    readonly beyondCm: number;
  },
): readonly PlanMark[] {
  const [dx, dz] = [Math.sin(eye.azimuthRad) * beyondCm, Math.cos(eye.azimuthRad) * beyondCm];
  return it.plants.flatMap(({ id, xCm, zCm }, i): PlanMark[] => {
    if (!places.includes(id)) return [];
    const blockers = inTheWay(it, sizes, i, eye);
    return [
      {
        kind: 'line',
        what: blockers.length > 0 ? 'broken sight' : 'sight',
        points: [
          [xCm, zCm],
          [xCm + dx, zCm + dz],
        ],
      },
      ...blockers.map((j): PlanMark => ({
        kind: 'circle',
        what: 'blocker',
        at: [it.plants[j]!.xCm, it.plants[j]!.zCm],
        radiusCm: (sizes[j]!.spreadCm / 2) * IN_THE_WAY,
      })),
    ];
  });
}

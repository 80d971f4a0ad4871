import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import { mixSurface, type Container } from '@/core/containers/container';
import { reachOf } from '@/core/containers/section';
import { settle } from '@/core/placing/settle';
import { inSpot, type Place, type PlantingInSpot } from '@/core/plantings/planting';
import { plantingSchema } from '@/core/plantings/schema';
import type { SchoolId } from '@/core/plantings/schoolId';
import { middle, type PlantKind, type Role } from '@/core/plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '@/core/plants/nursery';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { usualSupport } from '@/core/plantings/support';
import { CONTAINERS, SPOTS } from './composedParts';
import { FIRST_ROWS } from './composedRows';
import { MORE_ROWS } from './composedRowsMore';
import { known } from './plantings';

/**
 * Plantings composed by hand for Rillbank Halt and its neighbours, as a good gardener would: kinds, counts and places are chosen here, not
 * by the search. Places come from the plain layout below, which is not the engine's; balls are then eased apart.
 */
interface Composed {
  readonly name: string;
  readonly it: PlantingInSpot;
}

/** All of them, placed and ready to be judged. */
export function handComposed(): readonly Composed[] {
  return [...FIRST_ROWS, ...MORE_ROWS].map(
    ([name, container, spot, school, scheme, [plantedWeek, endWeek], lead, body, edge]) => {
      const place = usualSpot({ id: 'spot', name: 'Spot', ...SPOTS[spot] } as Spot);
      const pot = CONTAINERS[container];
      const places = layOut(
        pot,
        place,
        {
          lead: parse(lead, 'lead', pot),
          body: parse(body, 'body', pot),
          edge: parse(edge, 'edge', pot),
        },
        school,
      );
      const planting = plantingSchema.parse({
        id: 'hand',
        name: name.slice(0, 80),
        spotId: 'spot',
        container: pot,
        wishes: { scheme, fullInWeeks: 9, budget: null, kitchen: school === 'kitchen', school },
        plantedWeek,
        endWeek,
        places,
        // What climbs has something to climb.
        ...(places.some(({ kindId }) => known(kindId).support === 'climb')
          ? { support: usualSupport(pot, 'obelisk') }
          : {}),
        strangers: [],
        meant: [],
        demo: false,
      });
      return { name, it: inSpot(planting, place, kindOf, USUAL_HOUSE) };
    },
  );
}

interface Put {
  readonly kind: PlantKind;
  readonly size: NurserySizeId;
  readonly count: number;
}

function parse(text: string, role: Role, container: Container): readonly Put[] {
  return text
    .split(' ')
    .filter(Boolean)
    .map((word) => {
      const [, id, count = '1', size] = /^([a-z-]+)(?:\*(\d+))?(?::(.+))?$/.exec(word)!;
      const kind = known(id!);
      const { acrossCm, deepCm } = reachOf(mixSurface(container));
      const fitting = kind.sold
        .map((sold) => sold.size)
        .filter((one) => NURSERY_SIZES[one].topCm < Math.min(acrossCm, deepCm) * 1.2)
        .sort((a, b) => NURSERY_SIZES[a].ballL - NURSERY_SIZES[b].ballL);
      const usual = role === 'lead' ? fitting[Math.min(1, fitting.length - 1)] : fitting[0];
      return {
        kind,
        count: Number(count),
        size: (size as NurserySizeId | undefined) ?? usual ?? kind.sold[0]!.size,
      };
    });
}

/** Kinds taking turns from the ends inward: a b b a. */
function turns(puts: readonly Put[]): Put[] {
  const left = puts.map((put) => ({ put, count: put.count }));
  const total = left.reduce((sum, { count }) => sum + count, 0);
  const row = new Array<Put | undefined>(total);
  let [low, high, at] = [0, total - 1, 0];
  const singles: Put[] = [];
  while (left.some(({ count }) => count >= 2)) {
    const item = left[at % left.length]!;
    at += 1;
    if (item.count < 2) continue;
    row[low] = item.put;
    row[high] = item.put;
    item.count -= 2;
    low += 1;
    high -= 1;
  }
  for (const item of left) if (item.count > 0) singles.push(item.put);
  for (let i = low; i <= high; i += 1) row[i] = singles.shift();
  return row as Put[];
}

/** The plain layout of these plantings: behind, between and in front; or middle, ring and rim; or along a box. */
function layOut(
  container: Container,
  { view }: Spot,
  groups: Readonly<Record<Role, readonly Put[]>>,
  school: SchoolId,
): Place[] {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  const R = Math.min(acrossCm, deepCm);
  const long = acrossCm > deepCm * 1.6;
  const pairs = school === 'opposite-pairs';
  const drift = school === 'shares' || school === 'clustered-odds';
  const wishes: { put: Put; xCm: number; zCm: number }[] = [];
  (['lead', 'body', 'edge'] as const).forEach((role) => {
    const order = pairs
      ? opposite(groups[role])
      : drift
        ? groups[role].flatMap((put) => Array.from({ length: put.count }, () => put))
        : turns(groups[role]);
    const n = order.length;
    order.forEach((put, i) => {
      const t = n === 1 ? 0.5 : i / (n - 1);
      if (long) {
        const x = ((i + 0.5) / n) * 2 - 1;
        const z =
          school === 'screen'
            ? i % 2
              ? 0.2
              : -0.2
            : role === 'lead'
              ? -0.4
              : role === 'body'
                ? 0
                : 0.6;
        wishes.push({ put, xCm: x * acrossCm * 0.92, zCm: z * deepCm });
      } else if (view === 'one side' && (school !== 'dome' || role === 'edge')) {
        if (role === 'lead')
          wishes.push({ put, xCm: n === 1 ? -R * 0.1 : (t * 2 - 1) * R * 0.4, zCm: -R * 0.5 });
        else if (role === 'body')
          wishes.push({
            put,
            xCm: Math.sin((t * 2 - 1) * 1.5) * R * (n === 1 ? 0 : 0.62),
            zCm: n === 1 ? R * 0.1 : Math.cos((t * 2 - 1) * 1.5) * R * 0.3,
          });
        else
          wishes.push({
            put,
            xCm: Math.sin((t * 2 - 1) * 1.2) * R * 0.82,
            zCm: Math.cos((t * 2 - 1) * 1.2) * R * 0.82,
          });
      } else {
        const ring =
          role === 'lead'
            ? n === 1
              ? 0
              : 0.2
            : role === 'body'
              ? groups.lead.length > 0
                ? 0.55
                : n === 1
                  ? 0
                  : 0.42
              : 0.82;
        const angle =
          (i / n) * 2 * Math.PI +
          (role === 'edge' ? Math.PI / Math.max(n, 3) : 0) +
          (view === 'one side' ? Math.PI / n : 0);
        wishes.push({ put, xCm: Math.sin(angle) * R * ring, zCm: Math.cos(angle) * R * ring });
      }
    });
  });
  const settled = settle(
    container,
    wishes.map(({ put, xCm, zCm }) => ({
      xCm,
      zCm,
      size: put.size,
      spreadRadiusCm: middle(put.kind.spreadCm) / 2,
    })),
  );
  return wishes.map(({ put }, i) => ({
    id: `p${i}`,
    kindId: put.kind.id,
    size: put.size,
    seed: i * 7919 + 11,
    ...settled.places[i]!,
  }));
}

/** First half of the ring and the same again. */
function opposite(puts: readonly Put[]): Put[] {
  const half = puts.flatMap((put) => Array.from({ length: Math.floor(put.count / 2) }, () => put));
  return [...half, ...half];
}

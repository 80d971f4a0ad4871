import { mixSurface } from '@/core/containers/container';
import { insetCm, reachOf } from '@/core/containers/section';
import { enlarged, rimSection } from '@/core/containers/shape';
import type { CheckId } from '@/core/checks/rules/index';
import { rolesPlayed } from '@/core/checks/rolesPlayed';
import { kindFitsScheme } from '@/core/suitability/scheme';
import { read } from '@/core/checks/reading';
import { kindOf } from '@/core/plants/book/index';
import { leadingColour } from '@/core/plants/colours';
import { inSpot, type Place, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import { plantCost } from '@/core/shopping/plantCost';
import { isCoolSeason } from '@/core/suitability/season';
import type { PlantKind } from '@/core/plants/kind';
import { known } from './plantings';

/** One thing done wrong to a good planting, and the checks of which at least one should speak. */
export interface Spoiling {
  readonly name: string;
  readonly minds: readonly CheckId[];
  /** @returns `null` when it cannot be done to this planting */
  readonly spoil: (it: PlantingInSpot) => PlantingInSpot | null;
}

const changed = (
  it: PlantingInSpot,
  change: Partial<Planting>,
  spot: Partial<Spot> = {},
): PlantingInSpot =>
  inSpot({ ...it.planting, ...change }, { ...it.spot, ...spot }, kindOf, it.house);
const placed = (it: PlantingInSpot, places: readonly Place[]) => changed(it, { places });
const reachIn = (it: PlantingInSpot) => reachOf(mixSurface(it.planting.container));
const roleAt = (it: PlantingInSpot) => rolesPlayed(read(it)).map(({ role }) => role);
/** First kind of a role, or of any. */
const kindIn = (it: PlantingInSpot, role: 'lead' | 'body' | 'edge') => {
  const played = roleAt(it);
  return it.plants.find((_, i) => played[i] === role)?.kindId ?? null;
};
/** One kind becomes another wherever it grows, in the nearest size it is sold in. */
const swapped = (it: PlantingInSpot, from: string | null, to: string): PlantingInSpot | null => {
  if (!from || from === to || it.plants.some(({ kindId }) => kindId === to)) return null;
  const kind = known(to);
  return placed(
    it,
    it.planting.places.map((p) =>
      p.kindId === from
        ? {
            ...p,
            kindId: to,
            size: kind.sold.some(({ size }) => size === p.size)
              ? p.size
              : kind.sold
                  .map(({ size }) => size)
                  .sort(
                    (a, b) =>
                      Math.abs(NURSERY_SIZES[a].ballL - NURSERY_SIZES[p.size].ballL) -
                      Math.abs(NURSERY_SIZES[b].ballL - NURSERY_SIZES[p.size].ballL),
                  )[0]!,
          }
        : p,
    ),
  );
};
const middling = (it: PlantingInSpot) =>
  kindIn(it, 'body') ?? kindIn(it, 'edge') ?? kindIn(it, 'lead');
const asks = (it: PlantingInSpot, check: CheckId) => (read(it).school.weights[check] ?? 1) > 0;

/** What of a plant is seen against a wall: its flower where it flowers much, else its leaf. */
const shownBy = (kind: PlantKind) =>
  (kind.bloom?.cover ?? 0) >= 0.15 ? leadingColour(kind) : kind.foliage.main;

export const SPOILINGS: readonly Spoiling[] = [
  {
    name: 'a plant for another light',
    minds: ['light'],
    spoil: (it) =>
      swapped(
        it,
        middling(it),
        // What bears half a day is no stranger in it: sun or shade, whichever is plainly wrong.
        it.spot.sunHours >= 6 ? 'holly-fern-japanese' : 'gazania-orange',
      ),
  },
  {
    name: 'the lead to the front',
    minds: ['lead-place', 'edge-place', 'root-balls'],
    spoil: (it) => {
      const lead = it.plants.find(({ kindId }) => kindId === kindIn(it, 'lead'));
      if (
        !lead ||
        it.plants.length < 3 ||
        !asks(it, 'lead-place') ||
        it.plants.filter(({ kindId }) => kindId === lead.kindId).length > 1
      )
        return null;
      const front = [...it.plants].sort((a, b) => b.zCm - a.zCm)[0]!;
      if (front === lead || front.zCm < reachIn(it).deepCm * 0.2) return null;
      return placed(
        it,
        it.planting.places.map((p) =>
          p.id === lead.id
            ? { ...p, xCm: front.xCm, zCm: front.zCm }
            : p.id === front.id
              ? { ...p, xCm: lead.xCm, zCm: lead.zCm }
              : p,
        ),
      );
    },
  },
  {
    name: 'colours clumped',
    minds: ['neighbours', 'balance', 'edge-place', 'pairs'],
    spoil: (it) => {
      const { school, house, planting } = read(it);
      const flowing = ['tonal', 'neighbours', 'pastel', 'green-and-white', 'loved'].includes(
        planting.wishes.scheme.kind,
      );
      const counts = new Map<string, number>();
      it.plants.forEach(({ kindId }) => counts.set(kindId, (counts.get(kindId) ?? 0) + 1));
      if (
        (school.likeMayTouch ?? flowing) ||
        house.neighbours !== 'by scheme' ||
        [...counts.values()].filter((n) => n >= 2).length < 3
      )
        return null;
      const byKind = [...it.planting.places].sort((a, b) => a.kindId.localeCompare(b.kindId));
      const { acrossCm, deepCm } = reachIn(it);
      const along = [...it.planting.places].sort((a, b) =>
        acrossCm > deepCm * 1.5
          ? a.xCm - b.xCm
          : Math.atan2(a.xCm, a.zCm) - Math.atan2(b.xCm, b.zCm),
      );
      return placed(
        it,
        byKind.map((p, i) => ({ ...p, xCm: along[i]!.xCm, zCm: along[i]!.zCm })),
      );
    },
  },
  {
    name: 'a bully among them',
    minds: ['bully', 'crowding', 'trail-length', 'money-seen', 'thirst'],
    spoil: (it) => {
      const edge = kindIn(it, 'edge');
      const meek = it.plants.filter(
        ({ kind, kindId }) => kindId !== edge && kind.vigour <= 2 && kind.heightCm[1] <= 32,
      );
      return edge &&
        meek.length >= 2 &&
        it.spot.sunHours >= 4 &&
        it.planting.plantedWeek < 30 &&
        it.planting.plantedWeek > 18
        ? swapped(it, edge, 'potato-vine-lime')
        : null;
    },
  },
  {
    name: 'thirst mixed',
    minds: ['thirst'],
    spoil: (it) => {
      const dry = it.plants.filter(({ kind }) => kind.dryBetween).length > it.plants.length / 2;
      return it.plants.length < 2
        ? null
        : swapped(
            it,
            kindIn(it, 'edge') ?? middling(it),
            // A hardy stonecrop bears a wet neighbour; a soft succulent rots.
            dry ? 'lobelia-blue' : 'crassula-buttons',
          );
    },
  },
  {
    name: 'the trailer to the middle',
    minds: ['edge-place', 'lead-place'],
    spoil: (it) => {
      const rim = rimSection(it.planting.container.shape);
      const inner = [...it.plants].sort(
        (a, b) => insetCm(rim, b.xCm, b.zCm) - insetCm(rim, a.xCm, a.zCm),
      )[0];
      const trailer = it.plants.find(
        ({ kind }) => kind.trailCm !== null && kind.roles[0] === 'edge',
      );
      const { acrossCm, deepCm } = reachIn(it);
      if (
        !inner ||
        !trailer ||
        inner.kind.trailCm !== null ||
        it.plants.length < 3 ||
        insetCm(rim, inner.xCm, inner.zCm) < Math.min(acrossCm, deepCm) * 0.6
      )
        return null;
      return placed(
        it,
        it.planting.places.map((p) =>
          p.id === trailer.id
            ? { ...p, xCm: inner.xCm, zCm: inner.zCm }
            : p.id === inner.id
              ? { ...p, xCm: trailer.xCm, zCm: trailer.zCm }
              : p,
        ),
      );
    },
  },
  {
    name: 'no hole',
    minds: ['drainage'],
    spoil: (it) =>
      it.planting.container.material === 'coir'
        ? null
        : changed(it, { container: { ...it.planting.container, drainHoles: 0 } }),
  },
  {
    name: 'a pot far too big',
    minds: ['proportion', 'fullness', 'balance'],
    spoil: (it) => {
      const shape = enlarged(it.planting.container.shape, 2);
      return changed(it, { container: { ...it.planting.container, shape } });
    },
  },
  {
    name: 'out before the frosts',
    minds: ['cold'],
    spoil: (it) =>
      it.plants.some(({ kind }) => kind.lowestC > -4) &&
      it.planting.plantedWeek > 18 &&
      it.planting.plantedWeek < 30
        ? changed(it, { plantedWeek: 12 })
        : null,
  },
  {
    name: 'twice as many',
    minds: ['crowding', 'root-balls'],
    spoil: (it) =>
      placed(it, [
        ...it.planting.places,
        ...it.planting.places.map((p, i) => ({
          ...p,
          id: `again-${i}`,
          xCm: p.xCm * 0.6 + 3,
          zCm: p.zCm * 0.6 - 3,
        })),
      ]),
  },
  {
    name: 'no edge',
    minds: ['roles', 'balance', 'fullness'],
    spoil: (it) => {
      const played = roleAt(it);
      const left = it.planting.places.filter(
        (p) => played[it.plants.findIndex(({ id }) => id === p.id)] !== 'edge',
      );
      if (left.length === it.planting.places.length || left.length < 3) return null;
      const without = placed(it, left);
      // What takes the part of the edge then is one.
      return roleAt(without).includes('edge') ? null : without;
    },
  },
  {
    name: 'all on one side',
    minds: ['balance', 'root-balls'],
    spoil: (it) => {
      const { acrossCm } = reachIn(it);
      return it.plants.length < 3
        ? null
        : placed(
            it,
            it.planting.places.map((p) => ({
              ...p,
              xCm: Math.round((p.xCm * 0.45 + acrossCm * 0.48) * 10) / 10,
            })),
          );
    },
  },
  {
    name: 'a colour outside the scheme',
    minds: ['scheme'],
    spoil: (it) => {
      const { scheme } = it.planting.wishes;
      if (!asks(it, 'scheme') || it.planting.wishes.kitchen) return null;
      const sunny = [
        'petunia-magenta',
        'african-marigold-orange',
        'star-flower-blue',
        'rudbeckia-gold',
        'celosia-plume-red',
        'tickseed-lemon',
      ];
      const shady = [
        'busy-lizzie-coral',
        'browallia-blue',
        'begonia-bedding-red',
        'busy-lizzie-violet',
        'begonia-tuberous-yellow',
      ];
      // What is out then: a summer flower among spring ones is only a leaf.
      const cool = [
        'pansy-yellow',
        'polyanthus-red',
        'pansy-purple',
        'pansy-apricot',
        'viola-lemon',
        'polyanthus-blue',
      ];
      const out = isCoolSeason({ ...it.planting, spot: it.spot })
        ? cool
        : it.spot.sunHours >= 4
          ? sunny
          : shady;
      const odd = out
        .map(known)
        .sort((a, b) => kindFitsScheme(a, scheme) - kindFitsScheme(b, scheme))[0]!;
      return kindFitsScheme(odd, scheme) > 0.3 ? null : swapped(it, middling(it), odd.id);
    },
  },
  {
    name: 'trailers in the colour of the pot',
    minds: ['pot-contrast'],
    spoil: (it) => {
      const trailer = it.plants.find(
        ({ kind }, i) => kind.trailCm !== null && roleAt(it)[i] === 'edge',
      );
      // A leaf with an edge of another colour stands out from any pot.
      return !trailer ||
        trailer.kind.foliage.pattern !== 'plain' ||
        it.planting.container.material === 'coir'
        ? null
        : changed(it, {
            container: { ...it.planting.container, colour: leadingColour(trailer.kind) },
          });
    },
  },
  {
    name: 'a pair not quite matched',
    minds: ['pairs'],
    spoil: (it) => {
      if (it.spot.view !== 'one side' || !asks(it, 'pairs')) return null;
      const { acrossCm } = reachIn(it);
      for (const a of it.plants) {
        const b = it.plants.find((p) => p.kindId === a.kindId && p.id !== a.id);
        if (
          !b ||
          it.plants.filter(({ kindId }) => kindId === a.kindId).length !== 2 ||
          Math.abs(a.xCm - b.xCm) < acrossCm * 1.05
        )
          continue;
        return placed(
          it,
          it.planting.places.map((p) =>
            p.id === b.id
              ? {
                  ...p,
                  xCm: -a.xCm + acrossCm * 0.2 * Math.sign(a.xCm),
                  zCm: a.zCm - acrossCm * 0.1,
                }
              : p,
          ),
        );
      }
      return null;
    },
  },
  {
    name: 'a ball against the wall',
    minds: ['root-balls'],
    spoil: (it) => {
      const { acrossCm } = reachIn(it);
      const outer = [...it.plants].sort((a, b) => Math.abs(b.xCm) - Math.abs(a.xCm))[0]!;
      return placed(
        it,
        it.planting.places.map((p) =>
          p.id === outer.id ? { ...p, xCm: (outer.xCm < 0 ? -1 : 1) * (acrossCm - 1) } : p,
        ),
      );
    },
  },
  {
    name: 'half the money',
    minds: ['budget'],
    spoil: (it) =>
      changed(it, {
        wishes: { ...it.planting.wishes, budget: Math.max(0.5, plantCost(it.plants) * 0.6) },
      }),
  },
  {
    name: 'a giant for a lead',
    minds: ['proportion'],
    spoil: (it) =>
      it.spot.sunHours >= 5 &&
      it.planting.container.shape.kind !== 'basket' &&
      it.plants.length > 1 &&
      !it.planting.support &&
      it.planting.plantedWeek < 30 &&
      it.planting.plantedWeek > 18 &&
      !it.plants.some(({ kind }) => kind.dryBetween)
        ? swapped(it, kindIn(it, 'lead') ?? middling(it), 'banana-red')
        : null,
  },
  {
    name: 'poison among food',
    minds: ['edible'],
    spoil: (it) =>
      it.planting.wishes.kitchen
        ? swapped(it, middling(it), it.spot.sunHours >= 4 ? 'lantana-gold' : 'ivy-green')
        : null,
  },
  {
    name: 'poison within reach of a child',
    minds: ['reach'],
    spoil: (it) => (it.spot.children ? swapped(it, middling(it), 'castor-oil-plant-bronze') : null),
  },
  {
    name: 'short plants behind the sill',
    minds: ['sightline'],
    spoil: (it) =>
      it.spot.eyes.some(({ sill }) => sill)
        ? placed(
            it,
            it.planting.places.map((p) => ({ ...p, kindId: 'alyssum-white', size: 'six-pack' })),
          )
        : null,
  },
  {
    name: 'a wall of its own colour behind it',
    minds: ['background'],
    spoil: (it) => {
      const tallest = [...it.plants].sort((a, b) => b.kind.heightCm[1] - a.kind.heightCm[1])[0]!;
      return it.spot.view === 'from below'
        ? null
        : changed(
            it,
            {},
            {
              background: [
                { id: 'wall', name: 'Wall', colour: shownBy(tallest.kind), weeks: null },
              ],
            },
          );
    },
  },
  {
    name: 'a pot far too small',
    minds: ['root-balls', 'crowding', 'proportion', 'root-depth'],
    spoil: (it) => {
      const shape = enlarged(it.planting.container.shape, 0.5);
      return changed(it, { container: { ...it.planting.container, shape } });
    },
  },
  {
    name: 'a mix that suits nobody',
    minds: ['mix'],
    spoil: (it) =>
      changed(it, {
        container: {
          ...it.planting.container,
          mix:
            it.plants.filter(({ kind }) => kind.dryBetween).length > it.plants.length / 2
              ? 'peat-based'
              : 'aquatic',
        },
      }),
  },
];

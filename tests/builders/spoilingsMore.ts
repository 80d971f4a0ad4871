import { deltaE } from '@/core/colour/oklch';
import { leadingColour } from '@/core/plants/colours';
import { rolesPlayed } from '@/core/checks/rolesPlayed';
import { read } from '@/core/checks/reading';
import { enlarged } from '@/core/containers/shape';
import { kindOf } from '@/core/plants/book/index';
import { inSpot, seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import type { Role } from '@/core/plants/kind';
import { isCoolSeason } from '@/core/suitability/season';
import { isSeasonless } from '@/core/spots/spot';
import { standingOf } from '@/core/suitability/standing';
import { weekAfter } from '@/core/units/units';
import type { Spoiling } from './spoilings';

const changed = (
  it: PlantingInSpot,
  change: Partial<PlantingInSpot['planting']>,
  spot: Partial<PlantingInSpot['spot']> = {},
): PlantingInSpot =>
  inSpot({ ...it.planting, ...change }, { ...it.spot, ...spot }, kindOf, it.house);

const playing = (it: PlantingInSpot, role: Role) =>
  rolesPlayed(read(it)).flatMap((row) => (row.role === role ? [row.plant] : []));

const asks = (it: PlantingInSpot, check: string) => (read(it).school.weights[check] ?? 1) > 0;

/** OKLab distance of two colours that nobody would confuse. */
const PLAINLY_APART = 0.28;

/** More that can go wrong, each of which a practitioner sees at once. */
export const MORE_SPOILINGS: readonly Spoiling[] = [
  {
    name: 'colours to one side',
    minds: ['balance', 'neighbours', 'pairs'],
    spoil: (it) => {
      if (read(it).school.likeMayTouch) return null;
      const movable = it.plants.filter(({ id }) => !playing(it, 'lead').some((p) => p.id === id));
      const hues = new Set(movable.map(({ kindId }) => kindId));
      // Two or more of each of two kinds whose colours nobody would confuse.
      const often = movable.filter(
        ({ kindId }) => movable.filter((other) => other.kindId === kindId).length >= 2,
      );
      const far = often.some((a) =>
        often.some((b) => deltaE(leadingColour(a.kind), leadingColour(b.kind)) > PLAINLY_APART),
      );
      if (hues.size < 2 || movable.length < 4 || !far) return null;
      const places = [...movable].sort((a, b) => a.xCm - b.xCm);
      const byColour = [...movable].sort((a, b) => {
        const [p, q] = [leadingColour(a.kind), leadingColour(b.kind)];
        return p[2] - q[2] || a.kindId.localeCompare(b.kindId);
      });
      const to = new Map(byColour.map((plant, i) => [plant.id, places[i]!]));
      return changed(it, {
        places: it.planting.places.map((place) => {
          const there = to.get(place.id);
          return there ? { ...place, xCm: there.xCm, zCm: there.zCm } : place;
        }),
      });
    },
  },
  {
    name: 'the lead halved',
    minds: ['silhouette', 'proportion', 'roles', 'lead-place', 'sightline'],
    spoil: (it) => {
      const leads = new Set(playing(it, 'lead').map(({ id }) => id));
      if (leads.size === 0 || !asks(it, 'silhouette') || it.spot.view === 'from below') return null;
      // Autumn to spring what leads is small.
      if (isCoolSeason({ ...it.planting, spot: it.spot })) return null;
      // Where something else can lead, it does.
      if (it.plants.some(({ id, kind }) => !leads.has(id) && kind.roles.includes('lead')))
        return null;
      // A lead that still stands well above the rest leads on.
      const rows = read(it).grownRows();
      const tallest = (of: boolean) =>
        Math.max(
          0,
          ...rows.map(({ plant, size }) => (leads.has(plant.id) === of ? size.heightCm : 0)),
        );
      if (tallest(true) / 2 > tallest(false)) return null;
      return {
        ...it,
        plants: it.plants.map((plant) =>
          leads.has(plant.id)
            ? {
                ...plant,
                kind: {
                  ...plant.kind,
                  heightCm: [plant.kind.heightCm[0] / 2, plant.kind.heightCm[1] / 2] as const,
                },
              }
            : plant,
        ),
      };
    },
  },
  {
    name: 'the pot doubled',
    minds: ['proportion', 'fullness', 'balance', 'edge-place'],
    spoil: (it) =>
      changed(it, {
        container: {
          ...it.planting.container,
          shape: enlarged(it.planting.container.shape, 2),
        },
      }),
  },
  {
    name: 'leaves greened',
    minds: ['texture', 'muddle', 'scheme'],
    spoil: (it) => {
      const kinds = new Set(it.plants.map(({ kindId }) => kindId));
      if (kinds.size < 3 || !asks(it, 'texture') || !asks(it, 'muddle')) return null;
      return {
        ...it,
        plants: it.plants.map((plant) => ({
          ...plant,
          kind: {
            ...plant.kind,
            foliage: {
              ...plant.kind.foliage,
              main: [0.52, 0.1, 138] as const,
              second: null,
              vein: null,
              under: null,
              pattern: 'plain' as const,
              texture: 'medium' as const,
              shape: 'ovate' as const,
              surface: 'matt' as const,
              lengthCm: 5,
            },
            habit: 'mound' as const,
          },
        })),
      };
    },
  },
  {
    name: 'nothing to climb',
    minds: ['support'],
    spoil: (it) => {
      const { support, ...bare } = it.planting;
      return support && it.plants.some(({ kind }) => kind.support === 'climb')
        ? inSpot(bare, it.spot, kindOf, it.house)
        : null;
    },
  },
  {
    name: 'half the rim emptied',
    minds: ['balance', 'fullness', 'roles', 'edge-place', 'pairs'],
    spoil: (it) => {
      const edges = new Set(playing(it, 'edge').map(({ id }) => id));
      const there = it.planting.places.filter(({ id, xCm }) => !(edges.has(id) && xCm > 0.5));
      const gone = it.planting.places.length - there.length;
      return edges.size >= 3 && gone >= 2 ? changed(it, { places: there }) : null;
    },
  },
  {
    name: 'a winter too cold',
    minds: ['cold'],
    spoil: (it) => {
      if (isSeasonless(it.spot)) return null;
      const winter = { plantedWeek: 42, endWeek: 12 };
      const site = {
        ...it.spot.site,
        climate: 'short-summer-continental' as const,
        latitudeDeg: 46,
      };
      const spot = { ...it.spot, site };
      const stay = { ...winter, spot, container: it.planting.container };
      // The hardiest live even there.
      return it.plants.some(({ kind }) => standingOf(kind, stay).lost?.to.startsWith('fr'))
        ? changed(it, winter, { site })
        : null;
    },
  },
  {
    name: 'flowers over',
    minds: ['gone-over', 'interest', 'cold', 'summer'],
    spoil: (it) => {
      if (isSeasonless(it.spot) || it.planting.wishes.kitchen) return null;
      const weeks = seasonWeeks(it.planting);
      const flowering = it.plants.filter(({ kind }) => (kind.bloom?.cover ?? 0) >= 0.2);
      if (flowering.length < it.plants.length * 0.6) return null;
      // Where bedding has a winter of flowers, half a year later is another season of them.
      if (it.plants.some(({ kind }) => kind.weeksThere)) return null;
      // Planted half a year too late, for as long.
      const plantedWeek = isCoolSeason({ ...it.planting, spot: it.spot })
        ? weekAfter(it.planting.endWeek, 6)
        : weekAfter(it.planting.endWeek, 2);
      return changed(it, { plantedWeek, endWeek: weekAfter(plantedWeek, Math.min(weeks, 14)) });
    },
  },
];

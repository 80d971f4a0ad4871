import { opinionOf } from '../checks/opinion';
import { rolesPlayed, type PlantPlaying } from '../checks/rolesPlayed';
import { read } from '../checks/reading';
import type { CheckId } from '../checks/rules/index';
import { FIT_TOLERANCE_CM } from '../placing/fit';
import { settle } from '../placing/settle';
import { inSpot, type Place, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import { middle, type PlantKind, type Role } from '../plants/kind';
import { printOf } from '../plants/print';
import { hash32 } from '../random/hash';
import { plantCost } from '../shopping/plantCost';
import { schoolOf } from '../schools/index';
import { finished, type Work } from '../work/steps';
import { assign, THOROUGH } from './assign';
import { eligible } from './compose';
import { Judge, siteOf, type Member } from './judge';
import { goTogether } from './oneIdea';
import type { CastPart } from './castParts';
import { filledParts } from './place';
import { troublesIn } from './proposal';
import { askFor, judged, kindsIn, type KindOf, type Remade } from './remade';

/** How many ways of finishing are shown. */
const SHOWN = 4;

/**
 * Some plants stay where they are, the rest is filled in: kinds for the parts the school lacks, as many as the container still holds,
 * settled round what stands. Best first.
 * @param keep places that stay; all of them when none are named
 */
export function finish(...asked: Parameters<typeof finishing>): readonly Remade[] {
  return finished(finishing(...asked));
}

/** The same, way by way. */
export function* finishing(
  it: PlantingInSpot,
  kinds: readonly PlantKind[],
  keep: readonly PlaceId[] | null = null,
): Work<readonly Remade[]> {
  const kept = it.plants.filter(({ id }) => keep === null || keep.includes(id));
  const ask = {
    ...askFor(it, kinds),
    seed: hash32(
      kept.length,
      Math.round(kept.reduce((sum, { xCm, zCm }) => sum + xCm * 3 + zCm, 0) * 10),
    ),
  };
  const school = schoolOf(it.planting);
  const played = rolesPlayed(read({ ...it, plants: kept }));
  const fixed: Member[] = [];
  for (const { plant, role } of played)
    if (!fixed.some(({ kind }) => kind === plant.kind)) fixed.push({ kind: plant.kind, role });
  const gone = new Set(
    it.plants.filter((plant) => !kept.includes(plant)).map(({ kindId }) => kindId),
  );
  const offered = [
    ...eligible(ask).filter(({ id }) => !gone.has(id)),
    ...fixed.map(({ kind }) => kind),
  ];
  const judge = new Judge(ask, [...new Set(offered)], school);
  const kindOf = kindsIn(it, kinds);
  const found: Remade[] = [];
  const before = troublesIn(opinionOf({ ...it, plants: kept }));
  for (const shape of school.casts(siteOf(ask))) {
    const slots = lacking(
      shape,
      fixed.map(({ role }) => role),
    );
    if (slots.length === 0) continue;
    yield;
    for (const { members } of assign(judge, fixed, slots, THOROUGH).slice(0, 6)) {
      yield;
      const come = members.slice(fixed.length).map(({ kind }) => kind);
      if (!goTogether(come, ask.wishes)) continue;
      const places = around(played, members.slice(fixed.length), ask, it);
      if (places && isSound(places, it, kindOf, before))
        found.push(judged(it, 'finish', { places }, kindOf));
    }
  }
  return distinct(found.sort((a, b) => b.score - a.score)).slice(0, SHOWN);
}

/** Has it no trouble but what was there before? */
function isSound(
  places: readonly Place[],
  it: PlantingInSpot,
  kindOf: KindOf,
  before: ReadonlySet<CheckId>,
): boolean {
  const after = inSpot({ ...it.planting, places }, it.spot, kindOf, it.house);
  return [...troublesIn(opinionOf(after))].every((check) => before.has(check));
}

/** Slots of a shape that what stands does not fill. */
function lacking(shape: readonly Role[], have: readonly Role[]): Role[] {
  const left = [...have];
  return shape.filter((role) => {
    const at = left.indexOf(role);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

/** New members planted round those that stay. @returns `null` when they do not fit or cost too much */
function around(
  standing: readonly PlantPlaying[],
  added: readonly Member[],
  ask: Parameters<typeof filledParts>[2],
  it: PlantingInSpot,
): Place[] | null {
  const school = schoolOf(it.planting);
  const kept = standing.map(({ plant }) => plant);
  const keptParts: CastPart[] = standing.map(({ plant: { kind, size }, role }) => ({
    kind,
    role,
    size,
    count: 1,
    step: 0,
    least: 1,
  }));
  const parts = filledParts(added, school, ask, keptParts);
  if (!parts) return null;
  for (let attempt = 0; attempt < 6; attempt += 1) {
    const fresh = parts.flatMap((part) => Array.from({ length: part.count }, () => part));
    const site = siteOf(ask);
    const leads = [...standing, ...fresh].filter(({ role }) => role === 'lead').length;
    const wanted = fresh.map((part, i) => {
      const same = fresh.filter(({ role }) => role === part.role);
      const before = standing.filter(({ role }) => role === part.role).length;
      const spots = school.spots(site, part.role, same.length + before, leads);
      // Of the places of its role, those furthest from what stands are free.
      const free = [...spots]
        .sort((a, b) => nearest(b, kept) - nearest(a, kept))
        .slice(0, same.length);
      return {
        ...free[fresh.slice(0, i).filter(({ role }) => role === part.role).length]!,
        size: part.size,
        kind: part.kind,
        spreadRadiusCm: middle(part.kind.spreadCm) / 2,
      };
    });
    const { places, shortfallCm } = settle(ask.container, [
      ...kept.map(({ xCm, zCm, size, kind }) => ({
        xCm,
        zCm,
        size,
        kind,
        spreadRadiusCm: middle(kind.spreadCm) / 2,
        pinned: true,
      })),
      ...wanted,
    ]);
    if (shortfallCm <= FIT_TOLERANCE_CM) {
      const old = kept.map(({ kind: _kind, ...place }): Place => place);
      const ids = new Set(old.map(({ id }) => id));
      let n = 0;
      const placed = fresh.map((part, i): Place => {
        do n += 1;
        while (ids.has(`p${n}-${part.kind.id}`.slice(0, 80)));
        return {
          id: `p${n}-${part.kind.id}`.slice(0, 80),
          kindId: part.kind.id,
          ...places[kept.length + i]!,
          size: part.size,
          seed: hash32(ask.seed, printOf(part.kind), n),
        };
      });
      const all = [...kept, ...fresh.map(({ kind, size }) => ({ kind, kindId: kind.id, size }))];
      return ask.wishes.budget !== null && plantCost(all) > ask.wishes.budget
        ? null
        : [...old, ...placed];
    }
    const shrink = [...parts].sort((a, b) => b.count - a.count).find(({ count }) => count > 1);
    if (!shrink) return null;
    shrink.count -= 1;
  }
  return null;
}

function nearest(
  spot: { readonly xCm: number; readonly zCm: number },
  plants: readonly { readonly xCm: number; readonly zCm: number }[],
): number {
  return plants.reduce(
    (least, plant) => Math.min(least, Math.hypot(plant.xCm - spot.xCm, plant.zCm - spot.zCm)),
    Infinity,
  );
}

/** Those that bring different kinds. */
export function distinct(list: readonly Remade[]): Remade[] {
  const seen = new Set<string>();
  return list.filter(({ come, change }) => {
    const key = `${[...come].sort().join()}|${change.places.length}`;
    return !seen.has(key) && seen.add(key);
  });
}

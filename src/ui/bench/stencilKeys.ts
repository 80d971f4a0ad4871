import { hash32, seedOf } from '@/core/random/hash';
import type { Container } from '@/core/containers/container';
import { shiftWithinReach, withinReach } from '@/core/placing/reach';
import type { Edit } from '@/core/plantings/edits';
import type { Place, PlaceId, Planting } from '@/core/plantings/planting';
import { NURSERY_SIZES } from '@/core/plants/nursery';

/** What the keys on a plant of the stencil do, as the key map tells it. */
export const STENCIL_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ['← ↑ → ↓', 'move 1 cm; with Shift 5 cm'],
  ['R', 'turn by 15°; with Shift back'],
  ['T', 'slant outward by 5°; with Shift upright again'],
  ['D', 'put a copy beside it'],
  ['L', 'lock it where it is, or let it go'],
  ['Delete', 'take it out'],
  ['Space', 'pick it as well, or no longer'],
  ['Enter', 'pick it alone'],
  ['Ctrl A', 'pick all'],
  ['Alt', 'held in a drag: snaps to nothing'],
  ['Esc', 'let go'],
];

const TURN_DEG = 15;
const TILT_DEG = 5;
const STEEPEST_DEG = 45;

/** A press of a key on a plant, with what else is picked: the change it makes, or `null` when it makes none. */
export function editOfKey(
  { key, shiftKey }: { readonly key: string; readonly shiftKey: boolean },
  { places, container }: Pick<Planting, 'places' | 'container'>,
  ids: readonly PlaceId[],
): Edit | null {
  const picked = places.filter(({ id }) => ids.includes(id));
  const first = picked[0];
  if (!first) return null;
  const step = shiftKey ? 5 : 1;
  const by = {
    ArrowLeft: [-step, 0],
    ArrowRight: [step, 0],
    ArrowUp: [0, -step],
    ArrowDown: [0, step],
  }[key];
  if (by) return movedBy(by as [number, number], container, picked);
  switch (key.toLowerCase()) {
    case 'delete':
    case 'backspace':
      return ids.length === 1
        ? { kind: 'remove', place: first.id }
        : { kind: 'clear', places: ids };
    case 'r':
      return {
        kind: 'pose',
        places: ids,
        pose: { turnDeg: wrapped((first.turnDeg ?? 0) + (shiftKey ? -TURN_DEG : TURN_DEG)) },
      };
    case 't': {
      const tiltDeg = Math.min(
        STEEPEST_DEG,
        Math.max(0, (first.lean?.tiltDeg ?? 0) + (shiftKey ? -TILT_DEG : TILT_DEG)),
      );
      return {
        kind: 'pose',
        places: ids,
        pose: { lean: tiltDeg === 0 ? null : { tiltDeg, turnDeg: first.lean?.turnDeg ?? 0 } },
      };
    }
    case 'l':
      return { kind: 'lock', places: ids, locked: !picked.every(({ locked }) => locked) };
    case 'd':
      return {
        kind: 'arrange',
        how: 'copy',
        places: [
          ...places,
          ...copiesOf(places, picked).map((place) => withinReach(container, place)),
        ],
      };
    default:
      return null;
  }
}

/** A step of what is picked, within reach of the container. */
function movedBy(
  [dxCm, dzCm]: readonly [number, number],
  container: Container,
  picked: readonly Place[],
): Edit {
  const [only] = picked;
  if (picked.length === 1 && only) {
    const to = withinReach(container, { xCm: only.xCm + dxCm, zCm: only.zCm + dzCm });
    return { kind: 'move', place: only.id, ...to };
  }
  const movers = picked.filter(({ locked }) => !locked);
  return {
    kind: 'shift',
    places: picked.map(({ id }) => id),
    ...shiftWithinReach(container, movers, { dxCm, dzCm }),
  };
}

export const wrapped = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** Copies of plants, each a ball's width to the right of its like, with seeds of their own. */
export function copiesOf(places: readonly Place[], picked: readonly Place[]): readonly Place[] {
  return picked.map(({ locked: _, ...place }, i) => {
    const id = `c${places.length + i + 1}-${hash32(seedOf(place.id), places.length, i).toString(36)}`;
    return {
      ...place,
      id,
      xCm: Math.round((place.xCm + NURSERY_SIZES[place.size].topCm * 0.95) * 2) / 2,
      seed: hash32(seedOf(id), place.seed),
    };
  });
}

import type { Container } from '@/core/containers/container';
import { shiftWithinReach, withinReach } from '@/core/placing/reach';
import { snapped, type Guide } from '@/core/placing/snap';
import type { Edit } from '@/core/plantings/edits';
import type { Place, PlaceId } from '@/core/plantings/planting';

/** A point of the plan, cm. */
export interface PlanPlace {
  readonly xCm: number;
  readonly zCm: number;
}

/** What the hand on the stencil is doing. */
export type Gesture =
  | { readonly name: 'idle' }
  | {
      readonly name: 'pressed';
      readonly place: PlaceId;
      readonly at: PlanPlace;
      readonly additive: boolean;
    }
  | {
      readonly name: 'dragging';
      readonly place: PlaceId;
      readonly at: PlanPlace;
      readonly guides: readonly Guide[];
    }
  | {
      readonly name: 'boxing';
      readonly from: PlanPlace;
      readonly to: PlanPlace;
      readonly additive: boolean;
    };

export type Input =
  | {
      readonly kind: 'press plant';
      readonly place: PlaceId;
      readonly at: PlanPlace;
      readonly additive: boolean;
    }
  | { readonly kind: 'press paper'; readonly at: PlanPlace; readonly additive: boolean }
  /** `free` holds snapping off. */
  | { readonly kind: 'move'; readonly at: PlanPlace; readonly free: boolean }
  | { readonly kind: 'release'; readonly at: PlanPlace; readonly free: boolean }
  | { readonly kind: 'escape' };

/** What a gesture asks for. */
export type Effect =
  | { readonly kind: 'select'; readonly places: readonly PlaceId[] }
  | { readonly kind: 'preview'; readonly edit: Edit | null }
  | { readonly kind: 'apply'; readonly edit: Edit };

/** What a gesture is made among: the planting as it is stored, not as it is held. */
export interface Ground {
  readonly container: Container;
  readonly places: readonly Place[];
  readonly selection: readonly PlaceId[];
  /** How near draws a plant to a line, cm. */
  readonly reachCm: number;
  /** How far a hand must move before it drags, cm. */
  readonly slackCm: number;
}

export const IDLE: Gesture = { name: 'idle' };

interface Answer {
  readonly state: Gesture;
  readonly effects: readonly Effect[];
}

/** One step of a gesture on the stencil: picking, dragging one or several, drawing a box round plants. Escape puts everything back. */
export function reduce(state: Gesture, input: Input, ground: Ground): Answer {
  if (input.kind === 'escape')
    return {
      state: IDLE,
      effects:
        state.name === 'dragging'
          ? [{ kind: 'preview', edit: null }]
          : state.name === 'idle'
            ? [{ kind: 'select', places: [] }]
            : [],
    };
  switch (state.name) {
    case 'idle':
      if (input.kind === 'press plant') {
        const selected = ground.selection.includes(input.place);
        const select: readonly Effect[] =
          selected && !input.additive
            ? []
            : [
                {
                  kind: 'select',
                  places: input.additive ? toggled(ground.selection, input.place) : [input.place],
                },
              ];
        return {
          state: { name: 'pressed', place: input.place, at: input.at, additive: input.additive },
          effects: select,
        };
      }
      if (input.kind === 'press paper')
        return {
          state: { name: 'boxing', from: input.at, to: input.at, additive: input.additive },
          effects: [],
        };
      return { state, effects: [] };
    case 'pressed':
      if (input.kind === 'release') {
        // A plain press on one of several picks that one out.
        return {
          state: IDLE,
          effects:
            state.additive || ground.selection.length < 2
              ? []
              : [{ kind: 'select', places: [state.place] }],
        };
      }
      if (
        input.kind !== 'move' ||
        Math.hypot(input.at.xCm - state.at.xCm, input.at.zCm - state.at.zCm) < ground.slackCm
      )
        return { state, effects: [] };
      return dragged(
        { name: 'dragging', place: state.place, at: state.at, guides: [] },
        input,
        ground,
        'preview',
      );
    case 'dragging':
      if (input.kind === 'move') return dragged(state, input, ground, 'preview');
      if (input.kind === 'release')
        return { ...dragged(state, input, ground, 'apply'), state: IDLE };
      return { state, effects: [] };
    case 'boxing': {
      if (input.kind === 'move') return { state: { ...state, to: input.at }, effects: [] };
      if (input.kind !== 'release') return { state, effects: [] };
      const inside = ground.places
        .filter(
          ({ xCm, zCm }) =>
            between(xCm, state.from.xCm, input.at.xCm) &&
            between(zCm, state.from.zCm, input.at.zCm),
        )
        .map(({ id }) => id);
      return {
        state: IDLE,
        effects: [
          {
            kind: 'select',
            places: state.additive ? [...new Set([...ground.selection, ...inside])] : inside,
          },
        ],
      };
    }
  }
}

function dragged(
  state: Extract<Gesture, { name: 'dragging' }>,
  { at, free }: { readonly at: PlanPlace; readonly free: boolean },
  ground: Ground,
  how: 'preview' | 'apply',
): Answer {
  const held = ground.places.find(({ id }) => id === state.place);
  if (!held || held.locked) return { state, effects: [] };
  const moving = ground.selection.includes(held.id) ? ground.selection : [held.id];
  const wanted = { xCm: held.xCm + at.xCm - state.at.xCm, zCm: held.zCm + at.zCm - state.at.zCm };
  const found = snapped(
    ground.container,
    ground.places.filter(({ id }) => !moving.includes(id)),
    held,
    wanted,
    free ? 0 : ground.reachCm,
  );
  const to =
    found.guides.length > 0
      ? { xCm: tenth(found.xCm), zCm: tenth(found.zCm) }
      : { xCm: half(found.xCm), zCm: half(found.zCm) };
  const edit: Edit =
    moving.length === 1
      ? { kind: 'move', place: held.id, ...withinReach(ground.container, to) }
      : { kind: 'shift', places: moving, ...togetherTo(to, held, moving, ground) };
  return { state: { ...state, guides: found.guides }, effects: [{ kind: how, edit }] };
}

/** The shift that brings the plant in hand to a place, and the others with it, all within reach. */
function togetherTo(
  to: PlanPlace,
  held: Place,
  moving: readonly PlaceId[],
  { container, places }: Ground,
): { readonly dxCm: number; readonly dzCm: number } {
  const shift = { dxCm: tenth(to.xCm - held.xCm), dzCm: tenth(to.zCm - held.zCm) };
  const movers = places.filter(({ id, locked }) => moving.includes(id) && !locked);
  return shiftWithinReach(container, movers, shift);
}

const half = (value: number): number => Math.round(value * 2) / 2;
const tenth = (value: number): number => Math.round(value * 10) / 10;
const between = (value: number, a: number, b: number): boolean =>
  value >= Math.min(a, b) && value <= Math.max(a, b);

function toggled(selection: readonly PlaceId[], place: PlaceId): readonly PlaceId[] {
  return selection.includes(place) ? selection.filter((id) => id !== place) : [...selection, place];
}

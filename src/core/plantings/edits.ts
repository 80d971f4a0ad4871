import type { KindId } from '../plants/kind';
import type { NurserySizeId } from '../plants/nursery';
import type { Container } from '../containers/container';
import type { Place, PlaceId, Planting, SecondChoice, SidePlace, Wishes } from './planting';
import { weekAfter, weeksBetween } from '../units/units';
import type { Support } from './support';

/** One change to a planting, as plain data: what the Bench does, what a fix proposes, what undo names. */
export type Edit =
  | { readonly kind: 'move'; readonly place: PlaceId; readonly xCm: number; readonly zCm: number }
  | {
      readonly kind: 'swap';
      readonly from: KindId;
      readonly to: KindId;
      readonly size: NurserySizeId;
      readonly place: PlaceId | null;
      /** Another plant stands there from now on, and is told apart by this from the one before: its id ends in it. Left out: only the plan changes. */
      readonly anew?: string;
    }
  | { readonly kind: 'add'; readonly place: Place }
  | {
      readonly kind: 'shift';
      readonly places: readonly PlaceId[];
      readonly dxCm: number;
      readonly dzCm: number;
    }
  | { readonly kind: 'remove'; readonly place: PlaceId }
  | { readonly kind: 'clear'; readonly places: readonly PlaceId[] }
  | { readonly kind: 'pose'; readonly places: readonly PlaceId[]; readonly pose: Pose }
  | { readonly kind: 'lock'; readonly places: readonly PlaceId[]; readonly locked: boolean }
  | { readonly kind: 'arrange'; readonly places: readonly Place[]; readonly how?: Arrangement }
  | { readonly kind: 'container'; readonly change: Partial<Container> }
  | { readonly kind: 'trim'; readonly place: PlaceId; readonly weeks: number; readonly cut: number }
  | { readonly kind: 'untrim'; readonly place: PlaceId; readonly weeks: number }
  | { readonly kind: 'remake'; readonly change: Remake; readonly why: RemakeKind }
  | { readonly kind: 'support'; readonly support: Support | null }
  /** What stands in the side holes from now on. */
  | { readonly kind: 'sides'; readonly sides: readonly SidePlace[] }
  /** What is sown round the rim from now on. */
  | { readonly kind: 'sow'; readonly kinds: readonly KindId[] }
  /** What to take where a kind is not to be had; `null` for nothing any more. */
  | {
      readonly kind: 'second choice';
      readonly insteadOf: KindId;
      readonly to: { readonly kindId: KindId; readonly size: NurserySizeId } | null;
    }
  | { readonly kind: 'wish'; readonly change: Partial<Wishes> }
  | {
      /** It was planted: in this week, without what was missing. */
      readonly kind: 'plant';
      readonly plantedWeek: number;
      readonly missing: readonly PlaceId[];
      /** Places that got another size than was meant. */
      readonly sizes?: Readonly<Record<PlaceId, NurserySizeId>>;
    }
  | { readonly kind: 'rename'; readonly name: string }
  | { readonly kind: 'mean'; readonly check: string; readonly meant: boolean };

/** How a plant is set in: turned about its own stem, and slanted. What is left out stays as it is. */
export type Pose = Partial<Pick<Place, 'turnDeg'>> & { readonly lean?: Place['lean'] | null };

/** What an arrangement was: laid out along a pattern, a copy put beside, or balls settled. */
export const ARRANGEMENTS = ['ring', 'zigzag', 'thirds', 'copy', 'settle', 'more'] as const;
export type Arrangement = (typeof ARRANGEMENTS)[number];

/** Ways in which a whole planting is made anew. */
export const REMAKES = [
  'propose',
  'finish',
  'scale',
  'repeat',
  'season',
  'refresh',
  'vary',
  'group',
  'version',
  'branch',
] as const;
export type RemakeKind = (typeof REMAKES)[number];

/** What making anew may change; places always. */
export type Remake = Pick<Planting, 'places'> &
  Partial<
    Pick<
      Planting,
      'container' | 'shelfId' | 'wishes' | 'plantedWeek' | 'endWeek' | 'care' | 'support' | 'whatIf'
    >
  >;

/**
 * The planting after one edit. A swap with `place: null` swaps every plant of that kind.
 * Edits that name a place that is not there change nothing.
 */
export function applyEdit(planting: Planting, edit: Edit): Planting {
  switch (edit.kind) {
    case 'move':
      return {
        ...planting,
        places: planting.places.map((p) =>
          p.id === edit.place && !p.locked ? { ...p, xCm: edit.xCm, zCm: edit.zCm } : p,
        ),
      };
    case 'shift':
      return onPlaces(planting, edit.places, (p) =>
        p.locked ? p : { ...p, xCm: p.xCm + edit.dxCm, zCm: p.zCm + edit.dzCm },
      );
    case 'clear':
      return { ...planting, places: planting.places.filter(({ id }) => !edit.places.includes(id)) };
    case 'pose':
      return onPlaces(planting, edit.places, (p) => (p.locked ? p : posed(p, edit.pose)));
    case 'lock':
      return onPlaces(planting, edit.places, ({ locked: _, ...p }) =>
        edit.locked ? { ...p, locked: true } : p,
      );
    case 'swap':
      return {
        // Once a kind is out of all its places, nothing is needed instead of it.
        ...(edit.place === null ? withSecondChoice(planting, edit.from, null) : planting),
        places: swapped(planting.places, edit),
        ...(planting.sides ? { sides: swapped(planting.sides, edit) } : {}),
        ...(edit.anew === undefined ? {} : { care: withSwapped(planting, edit, edit.anew) }),
      };
    case 'add':
      return planting.places.some((p) => p.id === edit.place.id)
        ? planting
        : { ...planting, places: [...planting.places, edit.place] };
    case 'remove':
      return { ...planting, places: planting.places.filter((p) => p.id !== edit.place) };
    case 'arrange':
      return { ...planting, places: edit.places };
    case 'container':
      return { ...planting, container: { ...planting.container, ...edit.change } };
    case 'trim':
      return withTrims(planting, [
        ...planting.care.trims.filter(
          (trim) => trim.place !== edit.place || trim.weeks !== edit.weeks,
        ),
        { place: edit.place, weeks: edit.weeks, cut: edit.cut },
      ]);
    case 'untrim':
      return withTrims(
        planting,
        planting.care.trims.filter(
          (trim) => trim.place !== edit.place || trim.weeks !== edit.weeks,
        ),
      );
    case 'remake':
      return remade(planting, edit.change);
    case 'support': {
      const { support: _, ...bare } = planting;
      return edit.support ? { ...bare, support: edit.support } : bare;
    }
    case 'sides':
      return withSides(planting, edit.sides);
    case 'sow': {
      const { rimSeeds: _, ...unsown } = planting;
      return edit.kinds.length > 0 ? { ...unsown, rimSeeds: edit.kinds } : unsown;
    }
    case 'second choice':
      return withSecondChoice(planting, edit.insteadOf, edit.to);
    case 'wish':
      return { ...planting, wishes: { ...planting.wishes, ...edit.change } };
    case 'plant':
      return resized(plantedIn(planting, edit.plantedWeek, edit.missing), edit.sizes ?? {});
    case 'rename':
      return { ...planting, name: edit.name };
    case 'mean': {
      const others = planting.meant.filter((check) => check !== edit.check);
      return { ...planting, meant: edit.meant ? [...others, edit.check] : others };
    }
  }
}

/** Empty sides are told by leaving them out, so that such plantings stay as they were written. */
function withSides(
  { sides: _, ...planting }: Planting,
  sides: readonly SidePlace[] | undefined,
): Planting {
  return sides && sides.length > 0 ? { ...planting, sides } : planting;
}

function withSecondChoice(
  { secondChoices = [], ...planting }: Planting,
  insteadOf: KindId,
  to: Omit<SecondChoice, 'insteadOf'> | null,
): Planting {
  const others = secondChoices.filter((choice) => choice.insteadOf !== insteadOf);
  const now = to ? [...others, { insteadOf, ...to }] : others;
  return now.length > 0 ? { ...planting, secondChoices: now } : planting;
}

function onPlaces(
  planting: Planting,
  ids: readonly PlaceId[],
  change: (place: Place) => Place,
): Planting {
  return { ...planting, places: planting.places.map((p) => (ids.includes(p.id) ? change(p) : p)) };
}

function swapped<P extends Place | SidePlace>(
  places: readonly P[],
  { from, to, size, place, anew }: SwapEdit,
): readonly P[] {
  return places.map((p) =>
    (place === null ? p.kindId === from : p.id === place)
      ? { ...p, id: anew === undefined ? p.id : newId(p.id, anew), kindId: to, size }
      : p,
  );
}

type SwapEdit = Extract<Edit, { readonly kind: 'swap' }>;

function isSwapped(
  { places, sides = [] }: Planting,
  { from, place }: SwapEdit,
  id: PlaceId,
): boolean {
  if (place !== null) return id === place;
  return [...places, ...sides].some((p) => p.id === id && p.kindId === from);
}

/** What was to be cut in a place is to be cut of what stands there now. */
function withSwapped(planting: Planting, edit: SwapEdit, anew: string): Planting['care'] {
  return {
    ...planting.care,
    trims: planting.care.trims.map((trim) =>
      isSwapped(planting, edit, trim.place) ? { ...trim, place: newId(trim.place, anew) } : trim,
    ),
  };
}

/** The id of the plant that takes another's place. */
function newId(id: PlaceId, anew: string): PlaceId {
  return `${id.split('~')[0]!.slice(0, 60)}~${anew}`;
}

function resized(planting: Planting, sizes: Readonly<Record<PlaceId, NurserySizeId>>): Planting {
  if (Object.keys(sizes).length === 0) return planting;
  const sized = <P extends Place | SidePlace>(place: P): P => ({
    ...place,
    size: sizes[place.id] ?? place.size,
  });
  return {
    ...planting,
    places: planting.places.map(sized),
    ...(planting.sides ? { sides: planting.sides.map(sized) } : {}),
  };
}

/** A planting in the week in which it was planted, without what is missing; as long as was meant where its season would be over by then. */
export function plantedIn(
  planting: Planting,
  plantedWeek: number,
  missing: readonly PlaceId[],
): Planting {
  const meantWeeks = weeksBetween(planting.plantedWeek, planting.endWeek);
  const isOver = weeksBetween(plantedWeek, planting.endWeek) < 2;
  const isThere = ({ id }: { readonly id: PlaceId }) => !missing.includes(id);
  const now = {
    ...planting,
    plantedWeek,
    endWeek: isOver ? weekAfter(plantedWeek, meantWeeks) : planting.endWeek,
  };
  if (missing.length === 0) return now;
  return withSides(
    { ...now, places: planting.places.filter(isThere) },
    planting.sides?.filter(isThere),
  );
}

/** A place posed anew; upright and unturned are told by leaving the fields out, so that such plantings stay as they were written. */
function posed(
  { turnDeg: wasTurned = 0, lean: wasLeaning, ...place }: Place,
  { turnDeg = wasTurned, lean = wasLeaning }: Pose,
): Place {
  return {
    ...place,
    ...(turnDeg === 0 ? {} : { turnDeg }),
    ...(lean && lean.tiltDeg > 0 ? { lean } : {}),
  };
}

/** A change may take the name of a what-if away, or the support; then the field goes with it. */
function remade(planting: Planting, change: Remake): Planting {
  const { whatIf, support, ...next } = { ...planting, ...change };
  return {
    ...next,
    ...(whatIf === undefined ? {} : { whatIf }),
    ...(support === undefined ? {} : { support }),
  };
}

function withTrims(planting: Planting, trims: Planting['care']['trims']): Planting {
  return {
    ...planting,
    care: { ...planting.care, trims: [...trims].sort((a, b) => a.weeks - b.weeks) },
  };
}

/** Swaps every plant of one kind, or the one at a place. */
export function swapEdit(
  from: KindId,
  to: KindId,
  size: NurserySizeId,
  place: PlaceId | null = null,
  anew?: string,
): Edit {
  return { kind: 'swap', from, to, size, place, ...(anew === undefined ? {} : { anew }) };
}

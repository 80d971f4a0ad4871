import type * as z from 'zod';
import type { KindId } from '../plants/kind';
import type { doneSchema } from './doneSchema';
import type { Edit } from './edits';
import type { PlaceId, Planting } from './planting';

/** What was done to a planting, as data small enough to keep for every step. */
export type Done = Readonly<z.infer<typeof doneSchema>>;

/** What an edit does, told of the planting before it. */
export function doneOf(edit: Edit, { places }: Pick<Planting, 'places'>): Done {
  const kindAt = (id: PlaceId): KindId => places.find((place) => place.id === id)?.kindId ?? '';
  const kindsAt = (ids: readonly PlaceId[]) => ids.map(kindAt);
  switch (edit.kind) {
    case 'move':
      return { did: 'moved', kinds: [kindAt(edit.place)] };
    case 'shift':
      return { did: 'moved', kinds: kindsAt(edit.places) };
    case 'remove':
      return { did: 'took out', kinds: [kindAt(edit.place)] };
    case 'clear':
      return { did: 'took out', kinds: kindsAt(edit.places) };
    case 'pose':
      return { did: posed(edit.pose.lean), kinds: kindsAt(edit.places) };
    case 'lock':
      return { did: edit.locked ? 'locked' : 'unlocked', kinds: kindsAt(edit.places) };
    case 'swap':
      return { did: 'swapped', from: edit.from, to: edit.to };
    case 'add':
      return { did: 'added', kinds: [edit.place.kindId] };
    case 'arrange':
      return { did: 'arranged', how: edit.how ?? null };
    case 'container':
      return { did: 'changed the container' };
    case 'trim':
      return { did: 'planned a trim', kind: kindAt(edit.place), weeks: edit.weeks };
    case 'untrim':
      return { did: 'took back a trim', kind: kindAt(edit.place) };
    case 'remake':
      return { did: 'remade', why: edit.why };
    case 'support':
      return { did: 'set a support', form: edit.support?.form ?? null };
    case 'sides':
      return { did: 'planted the sides' };
    case 'sow':
      return { did: 'sowed the rim' };
    case 'second choice':
      return { did: edit.to ? 'chose a second' : 'took back a second', kind: edit.insteadOf };
    case 'wish':
      return { did: 'wished', school: edit.change.school ?? null };
    case 'plant':
      return { did: 'planted' };
    case 'rename':
      return { did: 'renamed' };
    case 'mean':
      return { did: edit.meant ? 'meant it' : 'asked again' };
  }
}

function posed(lean: { readonly tiltDeg: number } | null | undefined) {
  if (lean === undefined) return 'turned';
  return lean === null || lean.tiltDeg === 0 ? 'set upright' : 'tilted';
}

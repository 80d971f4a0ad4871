import type * as z from 'zod';
import type { gatheringSchema } from './gatheringSchema';

/** Containers that stand together and are looked at as one. */
export type Gathering = Readonly<z.infer<typeof gatheringSchema>>;
export type Gathered = Gathering['members'][number];

/** The gathering with one member changed. */
export function withMember(
  { members }: Pick<Gathering, 'members'>,
  plantingId: string,
  change: Partial<Gathered>,
): Pick<Gathering, 'members'> {
  return {
    members: members.map((member) =>
      member.plantingId === plantingId ? { ...member, ...change } : member,
    ),
  };
}

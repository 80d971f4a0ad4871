import * as z from 'zod';
import { ARRANGEMENTS, REMAKES } from './edits';
import { SCHOOL_IDS } from './schoolId';
import { SUPPORT_FORMS } from './supportSchema';

const kind = z.string().max(80);
const name = z.string().max(200);

/** What was done to a planting. Kinds are of the plants it was done to, at the time. */
export const doneSchema = z.discriminatedUnion('did', [
  z.object({
    did: z.enum([
      'moved',
      'took out',
      'added',
      'turned',
      'tilted',
      'set upright',
      'locked',
      'unlocked',
    ]),
    kinds: z.array(kind).max(256).readonly(),
  }),
  z.object({ did: z.literal('swapped'), from: kind, to: kind }),
  z.object({ did: z.literal('arranged'), how: z.enum(ARRANGEMENTS).nullable() }),
  z.object({ did: z.literal('planned a trim'), kind, weeks: z.number() }),
  z.object({ did: z.literal('took back a trim'), kind }),
  z.object({ did: z.enum(['chose a second', 'took back a second']), kind }),
  z.object({ did: z.literal('remade'), why: z.enum(REMAKES) }),
  z.object({ did: z.literal('set a support'), form: z.enum(SUPPORT_FORMS).nullable() }),
  z.object({ did: z.literal('wished'), school: z.enum(['any', ...SCHOOL_IDS]).nullable() }),
  z.object({
    did: z.enum([
      'changed the container',
      'renamed',
      'meant it',
      'asked again',
      'planted',
      'planted the sides',
      'sowed the rim',
    ]),
  }),
  /** Works on another branch, newly begun or gone back to. */
  z.object({ did: z.enum(['began', 'went to', 'planted for']), name }),
  /** A step from before what was done was kept as data: only its words are left. */
  z.object({ did: z.literal('told'), name }),
]);

import * as z from 'zod';

/** Things to climb that stand in a container: four slats that meet, canes tied at the top, a flat fan of laths. */
export const SUPPORT_FORMS = ['obelisk', 'wigwam', 'trellis'] as const;

export const supportSchema = z.object({
  form: z.enum(SUPPORT_FORMS, { error: `A support is one of ${SUPPORT_FORMS.join(', ')}.` }),
  /** Above the mix. */
  heightCm: z
    .number()
    .min(30, 'A support is 30–300 cm high.')
    .max(300, 'A support is 30–300 cm high.'),
  /** Across the foot of an obelisk or a wigwam, across the top of a fan. */
  widthCm: z.number().min(8, 'A support is 8–200 cm wide.').max(200, 'A support is 8–200 cm wide.'),
  xCm: z
    .number()
    .min(-300, 'A support stands within 300 cm of the middle.')
    .max(300, 'A support stands within 300 cm of the middle.'),
  zCm: z
    .number()
    .min(-300, 'A support stands within 300 cm of the middle.')
    .max(300, 'A support stands within 300 cm of the middle.'),
});

import type * as z from 'zod';

/** What is asked in an address, or an answer that names what is wrong with it. */
export function asked<T>(
  request: Request,
  query: z.ZodType<T>,
): { readonly ok: true; readonly data: T } | { readonly ok: false; readonly refused: Response } {
  const parsed = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  return parsed.success
    ? { ok: true, data: parsed.data }
    : {
        ok: false,
        refused: Response.json(
          { error: parsed.error.issues[0]?.message ?? 'Bad request' },
          { status: 400 },
        ),
      };
}

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';
import { PLAIN_HEADERS } from './headers';

const IS_DEV = process.env.NODE_ENV === 'development';

/** Hashes of what stands in the pages themselves: scripts by route, styles that a package writes. Written after the build. */
interface Inline {
  readonly scripts: Readonly<Record<string, readonly string[]>>;
  readonly styles: readonly string[];
}

let known: Inline | null = null;
function inline(): Inline {
  known ??= JSON.parse(readFileSync(join(process.cwd(), '.next', 'inline.json'), 'utf8')) as Inline;
  return known;
}

/** While developing, pages are made anew at every request and their scripts are not known beforehand. */
function scriptsOf(path: string): string {
  if (IS_DEV) return "'unsafe-inline' 'unsafe-eval'";
  const { scripts } = inline();
  return (scripts[path] ?? scripts['/_not-found'] ?? []).join(' ');
}

const stylesNow = (): string => (IS_DEV ? "'unsafe-inline'" : inline().styles.join(' '));

/**
 * Strict headers on every page. Nothing may be loaded from, or sent to, any other host; of the scripts in a page only those run that the
 * build wrote there. Pages stay the same for everybody, so that a browser may keep them.
 * Drawings and sliders place things through the style object of an element, which is no inline style: no page has a style attribute
 * when it arrives.
 */
export function proxy(request: NextRequest): NextResponse {
  const policy = [
    "default-src 'none'",
    `script-src 'self' ${scriptsOf(request.nextUrl.pathname)}`,
    `style-src 'self' ${stylesNow()}`,
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${IS_DEV ? ' ws:' : ''}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
  const response = NextResponse.next();
  response.headers.set('content-security-policy', policy);
  for (const [name, value] of Object.entries(PLAIN_HEADERS)) response.headers.set(name, value);
  if (process.env.RILLBANK_DEMO === '1')
    response.cookies.set('rillbank-demo', '1', { sameSite: 'strict', path: '/' });
  return response;
}

export const config = {
  matcher: [{ source: '/((?!_next/static|_next/image|icon|sw.js|manifest.webmanifest).*)' }],
};

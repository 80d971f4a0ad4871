import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';
import { PLAIN_HEADERS } from './headers';

const IS_DEV = process.env.NODE_ENV === 'development';

/** Hashes of the scripts that stand in a page itself, by route: written after the build. */
let known: Readonly<Record<string, readonly string[]>> | null = null;
function inlineScripts(): Readonly<Record<string, readonly string[]>> {
  known ??= JSON.parse(
    readFileSync(join(process.cwd(), '.next', 'inline-scripts.json'), 'utf8'),
  ) as Record<string, readonly string[]>;
  return known;
}

/** While developing, pages are made anew at every request and their scripts are not known beforehand. */
function scriptsOf(path: string): string {
  if (IS_DEV) return "'unsafe-inline' 'unsafe-eval'";
  const scripts = inlineScripts();
  return (scripts[path] ?? scripts['/_not-found'] ?? []).join(' ');
}

/**
 * Strict headers on every page. Nothing may be loaded from, or sent to, any other host; of the scripts in a page only those run that the
 * build wrote there. Pages stay the same for everybody, so that a browser may keep them.
 * Styles need 'unsafe-inline' because drawings and sliders place things by style attributes.
 */
export function proxy(request: NextRequest): NextResponse {
  const policy = [
    "default-src 'none'",
    `script-src 'self' ${scriptsOf(request.nextUrl.pathname)}`,
    "style-src 'self' 'unsafe-inline'",
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

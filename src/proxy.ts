import { PLAIN_HEADERS } from './headers';
import { NextResponse, type NextRequest } from 'next/server';

/**
 * Strict headers on every page. Nothing may be loaded from, or sent to, any other host; scripts run only with this request's nonce.
 * Styles need 'unsafe-inline' because drawings and sliders place things by style attributes.
 */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID());
  const dev = process.env.NODE_ENV === 'development';
  const policy = [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  for (const [name, value] of Object.entries(PLAIN_HEADERS)) response.headers.set(name, value);
  return response;
}

export const config = { matcher: [{ source: '/((?!_next/static|_next/image|favicon.ico).*)' }] };

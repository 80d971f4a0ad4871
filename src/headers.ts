/** Headers of every answer, page or file, found or not. */
export const PLAIN_HEADERS = {
  'referrer-policy': 'no-referrer',
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy':
    'camera=(), microphone=(), geolocation=(self), accelerometer=(self), gyroscope=(self), magnetometer=(self), interest-cohort=()',
} as const;

/**
 * What a file may do when it is opened by itself: nothing. Workers are files that run under their own
 * policy, so their scripts and the chunks they fetch from here are let through.
 */
export const FILE_POLICY =
  "default-src 'none'; script-src 'self'; connect-src 'self'; worker-src 'self'; img-src 'self' data:; style-src 'self'; font-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

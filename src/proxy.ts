import { type NextRequest, NextResponse } from 'next/server';

const development = process.env.NODE_ENV === 'development';

function policy(nonce: string): string {
  return [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? ` 'unsafe-eval'` : ''}`,
    development ? `style-src 'self' 'unsafe-inline'` : `style-src 'self' 'nonce-${nonce}'`,
    `style-src-attr 'unsafe-inline'`,
    `worker-src 'self'`,
    `img-src 'self' data: blob:`,
    `font-src 'self' data:`,
    `connect-src 'self'${development ? ' ws:' : ''}`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `frame-ancestors 'none'`,
    `form-action 'self'`,
  ].join('; ');
}

/** Puts a fresh nonce and the content security policy on every page. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy(nonce));
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy(nonce));
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
}

export const config = { matcher: [{ source: '/((?!_next/static|_next/image|icon.svg).*)' }] };

import { isIP } from 'node:net';

/** Where this program is reached: at `PUBLIC_URL` where there is one, else where it was asked for. */
export function originOf(host: string | null, secure: boolean): string {
  const ours = process.env['PUBLIC_URL'];
  return ours && URL.canParse(ours)
    ? new URL(ours).origin
    : `${secure ? 'https' : 'http'}://${host ?? 'localhost'}`;
}

/** Where a plan is found by whoever reads its code. */
export const addressOfPlan = (request: Request, planId: string, secure: boolean): string =>
  `${originOf(request.headers.get('host'), secure)}/loads/${planId}`;

/** Where people take part in a talk: its code is behind the sign that is never sent. */
export const addressOfTalk = (origin: string, code: string): string => `${origin}/talk#${code}`;

/** Whether an address leads to this machine alone: nobody else comes in by it. */
export function isLoopback(origin: string): boolean {
  const host = new URL(origin).hostname.replace(/^\[|\]$/g, '');
  return host === 'localhost' || host === '::1' || (isIP(host) === 4 && host.startsWith('127.'));
}

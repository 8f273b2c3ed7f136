import type { IncomingMessage } from 'node:http';
import proxyAddr from 'proxy-addr';
import { ADDRESS_HEADER, REQUEST_ID_HEADER, SECURE_HEADER } from './headers';

/** What only a proxy that we trust may say of a request. */
const FORWARDED = ['x-forwarded-for', 'x-forwarded-proto', 'x-forwarded-host', 'forwarded'];

/** Whose word about the caller counts: addresses, subnets or `loopback`, separated by commas; nobody's when empty. */
export type Trust = (address: string, hop: number) => boolean;

/** Reads `TRUST_PROXY`. @throws TypeError when it names no address */
export function readTrust(setting: string | undefined): Trust {
  const names = (setting ?? '')
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean);
  return names.length === 0 ? () => false : proxyAddr.compile(names);
}

/** Who calls: the address of the socket, or what trusted proxies say of it; never what the caller says of itself. */
export function callerAddress(request: IncomingMessage, trust: Trust): string {
  const address = proxyAddr(request, trust);
  // A proxy may pass on nonsense: what is counted must be short.
  return /^[0-9a-f.:]{2,45}$/i.test(address) ? address : (request.socket.remoteAddress ?? '');
}

const isTrusted = (request: IncomingMessage, trust: Trust): boolean =>
  trust(request.socket.remoteAddress ?? '', 0);

/** Whether the caller's connection is encrypted, as far as we may know. */
export const isSecure = (
  request: IncomingMessage,
  trust: Trust,
  publicUrl: string | undefined,
): boolean =>
  isTrusted(request, trust)
    ? request.headers['x-forwarded-proto'] === 'https'
    : (publicUrl ?? '').startsWith('https:');

/** Puts what is known of the caller in place of what the caller said of itself. */
export function stampCaller(
  request: IncomingMessage,
  trust: Trust,
  known: { id: string; secure: boolean },
): void {
  const address = callerAddress(request, trust);
  if (!isTrusted(request, trust)) for (const name of FORWARDED) delete request.headers[name];
  request.headers[ADDRESS_HEADER] = address;
  request.headers[REQUEST_ID_HEADER] = known.id;
  request.headers[SECURE_HEADER] = known.secure ? 'yes' : 'no';
}

const loopback = proxyAddr.compile('loopback');
/** Whether an address is this machine's own. */
export const isLoopback = (address: string): boolean =>
  /^[0-9a-f.:]{2,45}$/i.test(address) && loopback(address, 0);

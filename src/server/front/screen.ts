import type { IncomingMessage } from 'node:http';
import { type Refusal, refuse } from '../problem';

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
/** A sheet of 240 tags names them all. */
const MOST_ADDRESS_BYTES = 10_000;

/** An address that is none: an escape that is no character, or a character that no address has. */
function isBroken(url: string): boolean {
  const path = url.split('?')[0] ?? '';
  try {
    return !path.startsWith('/') || /[\0\\]/.test(decodeURIComponent(path));
  } catch {
    return true;
  }
}

/** What is wrong with a request before anybody has to read it, or null. */
export function screen({ method = '', url = '' }: IncomingMessage): Refusal | null {
  if (!METHODS.includes(method)) return refuse(405, 'method-unknown', { method });
  if (url.length > MOST_ADDRESS_BYTES)
    return refuse(414, 'address-too-long', { most: MOST_ADDRESS_BYTES });
  return isBroken(url) ? refuse(400, 'address-broken') : null;
}

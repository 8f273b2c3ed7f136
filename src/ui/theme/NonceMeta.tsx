'use client';
import { useState } from 'react';

/** Tells libraries that insert styles which nonce this document was served with. A refresh brings a new nonce that this document does not accept, so the first one stays. */
export function NonceMeta({ nonce }: { nonce: string | undefined }) {
  const [first] = useState(nonce);
  return first ? (
    <meta property="csp-nonce" content={first} nonce={first} suppressHydrationWarning />
  ) : null;
}

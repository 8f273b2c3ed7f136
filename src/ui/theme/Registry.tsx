'use client';
import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { GlobalStyle } from './GlobalStyle';

/** Collects styles on the server, so that the first paint is styled; the nonce lets them past the content security policy. */
export function Registry({ nonce: served, children }: { nonce: string | undefined; children: ReactNode }) {
  // A refresh serves a new nonce, but the document keeps the policy, and so the nonce, it was loaded with.
  const [nonce] = useState(served);
  const [sheet] = useState(() => new ServerStyleSheet(nonce ? { nonce } : {}));
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return <>{styles}</>;
  });
  const inside = <><GlobalStyle />{children}</>;
  if (typeof window !== 'undefined') return <StyleSheetManager {...(nonce ? { nonce } : {})}>{inside}</StyleSheetManager>;
  return <StyleSheetManager sheet={sheet.instance} {...(nonce ? { nonce } : {})}>{inside}</StyleSheetManager>;
}

'use client';
import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useRef, useState } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { GlobalStyle } from './GlobalStyle';
import { NonceMeta } from './NonceMeta';

/** Collects styles on the server, so that the first paint is styled; the nonce lets them past the content security policy. */
export function Registry({
  nonce: served,
  children,
}: {
  nonce: string | undefined;
  children: ReactNode;
}) {
  // A refresh serves a new nonce, but the document keeps the policy, and so the nonce, it was loaded with.
  const [nonce] = useState(served);
  const [sheet] = useState(() => new ServerStyleSheet(nonce ? { nonce } : {}));
  const begun = useRef(false);
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    // With the first styles: a page that was not found is served without the layout's head, and the styles are taken over as soon as their library is read.
    const first = !begun.current;
    begun.current = true;
    return (
      <>
        {first && <NonceMeta nonce={nonce} />}
        {styles}
      </>
    );
  });
  const inside = (
    <>
      <GlobalStyle />
      {children}
    </>
  );
  if (typeof window !== 'undefined')
    return <StyleSheetManager {...(nonce ? { nonce } : {})}>{inside}</StyleSheetManager>;
  return (
    <StyleSheetManager sheet={sheet.instance} {...(nonce ? { nonce } : {})}>
      {inside}
    </StyleSheetManager>
  );
}

import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { wantedTheme } from '@/server/page';
import { NonceMeta } from '@/ui/theme/NonceMeta';
import { Registry } from '@/ui/theme/Registry';

export const metadata: Metadata = {
  title: 'Vast Cleat',
  description: 'What each line may carry, and whether all lines together hold the load.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" data-theme={await wantedTheme()}>
      <head>
        <NonceMeta nonce={nonce} />
      </head>
      <body>
        <Registry nonce={nonce}>{children}</Registry>
      </body>
    </html>
  );
}

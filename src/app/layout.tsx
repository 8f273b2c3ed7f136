import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { NonceMeta } from '@/ui/theme/NonceMeta';
import { Registry } from '@/ui/theme/Registry';
import { THEME_COOKIE, THEMES } from '@/ui/theme/tokens';

export const metadata: Metadata = { title: 'Vast Cleat', description: 'What each line may carry, and whether all lines together hold the load.' };
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const wanted = (await cookies()).get(THEME_COOKIE)?.value;
  const theme = THEMES.find((t) => t === wanted) ?? 'shade';
  return (
    <html lang="en" data-theme={theme}>
      <head><NonceMeta nonce={nonce} /></head>
      <body><Registry nonce={nonce}>{children}</Registry></body>
    </html>
  );
}

import type { MetadataRoute } from 'next';

/** How a device shows the program once it is kept there like one of its own. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Vast Cleat',
    short_name: 'Vast Cleat',
    description: 'What each line may carry, and whether all lines together hold the load.',
    start_url: '/today',
    display: 'standalone',
    background_color: '#DFE2D9',
    theme_color: '#131D1D',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}

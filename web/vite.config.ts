import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

/** What was fetched under another contract is not shown: it may have another shape. */
const contract = createHash('sha256')
  .update(readFileSync('src/api/openapi.json'))
  .digest('hex')
  .slice(0, 12);

const tests = ['src/**/*.test.{ts,tsx}'];

/** What replaces clocks or styles of the whole window needs a worker to itself; it starts slowly. */
const ownWorker = [
  'src/testing/served.test.tsx',
  'src/gauge/gauge-panel.test.tsx',
  'src/describe/describe-page.test.tsx',
  'src/card/cranking.test.tsx',
  'src/boat/circuits.test.tsx',
  'src/fill/fill.test.tsx',
];

export default defineConfig({
  define: { __CONTRACT__: JSON.stringify(contract) },
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A new version waits until nobody works with the old one, or is asked to take over.
      registerType: 'prompt',
      injectRegister: false,
      manifestFilename: 'manifest.json',
      manifest: {
        name: 'Elsko',
        short_name: 'Elsko',
        description: 'The boatyard’s winterizing, proof and commissioning',
        start_url: '/',
        display: 'standalone',
        background_color: '#0E1518',
        theme_color: '#0E1518',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            // By which fittings are found: the same for as long as there is that photo.
            urlPattern: ({ url }) =>
              /^\/api\/boats\/[^/]+\/photos\/[^/]+\/small$/.test(url.pathname),
            handler: 'CacheFirst',
            options: {
              cacheName: 'small-photos',
              expiration: { maxEntries: 600 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  build: { target: 'es2022', assetsInlineLimit: 0, reportCompressedSize: true },
  server: { proxy: { '/api': 'http://localhost:8080' } },
  test: {
    environment: 'jsdom',
    testTimeout: 30_000,
    // What all tests have in common ends first: what was sent is through before its server goes.
    sequence: { hooks: 'list' },
    setupFiles: ['src/testing/indexed-db.ts', 'src/testing/another-day.ts', 'src/testing/ends.ts'],
    projects: [
      {
        extends: true,
        test: { name: 'screens', pool: 'vmThreads', include: tests, exclude: ownWorker },
      },
      { extends: true, test: { name: 'own worker', pool: 'threads', include: ownWorker } },
    ],
  },
});

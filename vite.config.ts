import react from '@vitejs/plugin-react';
import { readFileSync } from 'node:fs';
import { constants } from 'node:zlib';
import { defineConfig, type Plugin } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { made, MADE_AT } from './demo/ready';
import { photoReader } from './scripts/photoReader';

const PAPER = '#f5f1e8';
const SERVER = 'http://127.0.0.1:4310';

/** Puts the demo household into the app as it was worked out here, instead of the sum. */
const readyDemo: Plugin = {
  name: 'ready-demo',
  apply: 'build',
  load(id) {
    if (!id.endsWith('/demo/ready.ts')) return null;
    // Data and no script: fetched beside it on a first opening, and on no other.
    const file = this.emitFile({
      type: 'asset',
      name: 'ferry-house.json',
      source: JSON.stringify(made),
    });
    return `export const MADE_AT = ${MADE_AT};
const answer = await fetch(import.meta.ROLLUP_FILE_URL_${file});
if (!answer.ok) throw new Error('The demo kitchen did not arrive');
export const made = await answer.json();`;
  },
};

/** Schemas are read with here and never written as JSON schemas: what would write them stays out of every script. */
const noJsonSchemas: Plugin = {
  name: 'no-json-schemas',
  apply: 'build',
  enforce: 'pre',
  load(id) {
    if (!/\/zod\/v4\/core\/(?:json-schema-processors|to-json-schema)\.js$/.test(id)) return null;
    const names = [...readFileSync(id, 'utf8').matchAll(/^export (?:const|function) (\w+)/gm)].map(
      (m) => m[1],
    );
    return names.map((name) => `export const ${name} = () => undefined;`).join('\n');
  },
};

/** Modules that the first script brings along whatever screen is asked for. */
const first = new Set<string>();
/** Finds what the page's own script needs before anything else: all of it is one file, and on a slow line one wait instead of thirty. */
const firstLoad: Plugin = {
  name: 'first-load',
  apply: 'build',
  buildEnd() {
    const queue = [...this.getModuleIds()].filter((id) => id.endsWith('/app/main.tsx'));
    for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
      // The core has one door through which everything is in sight: what of it is needed is told apart by the bundler.
      if (first.has(id) || /\/(?:core|demo)\//.test(id)) continue;
      first.add(id);
      queue.push(...(this.getModuleInfo(id)?.importedIds ?? []));
    }
  },
};

export default defineConfig({
  root: 'app',
  plugins: [
    react(),
    readyDemo,
    noJsonSchemas,
    firstLoad,
    photoReader,
    VitePWA({
      // A new version is announced, and taken when the cook says so: never in the middle of a cook.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        id: '/',
        name: 'Keen Ladle',
        short_name: 'Keen Ladle',
        description: 'Arithmetic, timing and memory for a cook with a pressure cooker.',
        start_url: '/',
        scope: '/',
        display: 'standalone',
        background_color: PAPER,
        theme_color: PAPER,
        categories: ['food'],
        icons: [
          { src: 'icons/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icons/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icons/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: 'ladle.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
        shortcuts: [
          { name: 'Finish a sauce', url: '/finish' },
          { name: 'A new dish', url: '/dishes/new' },
          { name: 'Logbook', url: '/log' },
        ],
        share_target: { action: '/dishes/new', method: 'GET', params: { title: 'title', text: 'text' } },
      },
      workbox: {
        // Our own files, all of them, and nothing else: every screen opens without the server.
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}', 'assets/*.json'],
        // Six megabytes that most never need: kept from the first picture on.
        globIgnores: ['photo/**'],
        runtimeCaching: [
          {
            urlPattern: ({ url, sameOrigin }) => sameOrigin && /\/photo\/[\w.-]+$/.test(url.pathname),
            handler: 'CacheFirst',
            options: { cacheName: 'photo-reader' },
          },
        ],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /\.[a-z0-9]+$/i],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        maximumFileSizeToCacheInBytes: 1_500_000,
      },
    }),
    // Packed here once, tightly, instead of at every request: opening the app costs the cook's machine nothing for it.
    compression({
      include: /\.(js|css|json|svg|wasm)$/,
      algorithms: [
        defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
        defineAlgorithm('gzip', { level: 9 }),
      ],
    }),
  ],
  define: { __BUILD__: JSON.stringify(Date.now().toString(36)) },
  worker: { format: 'es', plugins: () => [noJsonSchemas] },
  css: {
    preprocessorOptions: {
      scss: {
        quietDeps: true,
        silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
      },
    },
  },
  build: {
    outDir: '../dist',
    emptyOutDir: true,
    target: 'es2022',
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 600,
    // What several screens share stays out of the first script, where a screen that does not need it would load it too.
    rolldownOptions: {
      experimental: { chunkOptimization: false },
      output: { codeSplitting: { groups: [{ name: 'first', test: (id: string) => first.has(id) }] } },
    },
  },
  server: {
    host: '127.0.0.1',
    port: 5173,
    proxy: {
      // The server answers to its own name only.
      '/api': { target: SERVER, changeOrigin: true, headers: { origin: SERVER } },
    },
  },
});

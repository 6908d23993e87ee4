import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** What a page of ours never is: the kitchen's data, and what is said of the server itself. */
const NO_PAGE = [/^\/api\//, /^\/actuator/, /^\/v3\//, /^\/kitchen\.crt$/]
/** After so long the words that were read last do, s. */
const WORDS_WITHIN_S = 3

export default defineConfig({
  plugins: [
    vue(),
    VitePWA({
      // A new version waits until somebody takes it over.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Olla',
        short_name: 'Olla',
        description: 'Baking fish: how long, how hot, from when to look.',
        display: 'standalone',
        start_url: '/',
        background_color: '#F7F4EC',
        theme_color: '#F7F4EC',
        icons: [
          { src: '/olla-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/olla-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/olla.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,ico,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: NO_PAGE,
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            // The words for fish and dresses are the same for everybody.
            urlPattern: ({ url }) => url.pathname === '/api/catalogue',
            handler: 'NetworkFirst',
            options: { cacheName: 'words', networkTimeoutSeconds: WORDS_WITHIN_S },
          },
        ],
      },
    }),
  ],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { chunkSizeWarningLimit: 1200 },
})

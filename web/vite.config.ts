import { readdirSync, readFileSync } from 'node:fs'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

/** Tests that put something in a module's or the browser's place need modules of their own. */
const REPLACES = /vi\.(mock|stubGlobal|useFakeTimers|spyOn)|fake-indexeddb/
const replacing = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .map((file) => `src/${file}`)
  .filter((file) => file.endsWith('.test.ts') && REPLACES.test(readFileSync(file, 'utf8')))

export default defineConfig({
  plugins: [vue()],
  build: { chunkSizeWarningLimit: 1600, sourcemap: false },
  server: {
    host: '127.0.0.1',
    // The page's own host goes along: requests that seem to come from another page are refused.
    proxy: {
      '/api': { target: process.env.ABLE_API ?? 'http://127.0.0.1:8080', changeOrigin: false },
    },
  },
  test: {
    pool: 'threads',
    projects: [
      { extends: true, test: { name: 'apart', include: replacing } },
      {
        extends: true,
        test: {
          name: 'together',
          include: ['src/**/*.test.ts'],
          exclude: replacing,
          isolate: false,
        },
      },
    ],
    reporters: ['default', ['junit', { outputFile: 'target/vitest-reports/TEST-web.xml' }]],
  },
})

import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

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
    reporters: ['default', ['junit', { outputFile: 'target/vitest-reports/TEST-web.xml' }]],
  },
})

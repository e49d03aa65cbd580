import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  build: { chunkSizeWarningLimit: 1600, sourcemap: false },
  server: { host: '127.0.0.1', proxy: { '/api': process.env.ABLE_API ?? 'http://127.0.0.1:8080' } },
})

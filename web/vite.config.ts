import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), svelte()],
  build: { assetsInlineLimit: 0, target: 'es2022' },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:7070' } },
  test: { include: ['src/**/*.test.ts'] },
});

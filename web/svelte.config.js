import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/vite-plugin-svelte').SvelteConfig} */
export default {
  preprocess: vitePreprocess(),
  // Runes for our own files only: libraries may still be written without.
  vitePlugin: {
    dynamicCompileOptions({ filename }) {
      return filename.includes('node_modules') ? {} : { runes: true };
    },
  },
};

import vue from "@vitejs/plugin-vue";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [vue()],
  // Nothing is inlined: the pages run under a policy that allows only files of their own.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 700, modulePreload: { polyfill: false } },
});

import vue from "@vitejs/plugin-vue";
import { BootstrapVueNextResolver } from "bootstrap-vue-next/resolvers";
import components from "unplugin-vue-components/vite";
import { defineConfig } from "vite";

export default defineConfig({
  // Components of the library are taken in where a template names them.
  plugins: [
    vue(),
    components({ dirs: [], resolvers: [BootstrapVueNextResolver()], dts: "src/generated/components.d.ts" }),
  ],
  // Nothing is inlined: the pages run under a policy that allows only files of their own.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 700, modulePreload: { polyfill: false } },
});

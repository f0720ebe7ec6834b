import "bootstrap/dist/css/bootstrap.css";
import "bootstrap-vue-next/dist/bootstrap-vue-next.css";
import "@fontsource-variable/source-sans-3/index.css";
import "@fontsource-variable/source-serif-4/index.css";
import "./styles/theme.css";
import "./styles/pages.css";
import "./styles/bench.css";
import "./styles/pictures.css";

import { createApp } from "vue";
import { createRouter, createWebHistory } from "vue-router";
import App from "./App.vue";
import ShelfView from "./shelf/ShelfView.vue";

/** Pages but the first come as they are asked for, or once nothing else is to do: then they are there when Meander is away. */
const PAGES = {
  "/tray": () => import("./tray/TrayView.vue"),
  "/weaves": () => import("./weaves/WeavesView.vue"),
  "/learn": () => import("./learn/LearnView.vue"),
  "/makings": () => import("./making/LogView.vue"),
  "/makings/beside/:piece": () => import("./making/BesideView.vue"),
  "/makings/:id": () => import("./making/MakingView.vue"),
  "/pieces/:id": () => import("./bench/BenchView.vue"),
  "/pieces/:id/print": () => import("./print/PrintView.vue"),
};
const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", component: ShelfView },
    ...Object.entries(PAGES).map(([path, component]) => ({ path, component, props: true })),
  ],
});

createApp(App).use(router).mount("#app");
void router.isReady().then(() => {
  const all = () => Object.values(PAGES).forEach((page) => void page().catch(() => undefined));
  if ("requestIdleCallback" in window) requestIdleCallback(all, { timeout: 3000 });
  else setTimeout(all, 1000);
});

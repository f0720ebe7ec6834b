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
import BenchView from "./bench/BenchView.vue";
import LearnView from "./learn/LearnView.vue";
import BesideView from "./making/BesideView.vue";
import LogView from "./making/LogView.vue";
import MakingView from "./making/MakingView.vue";
import PrintView from "./print/PrintView.vue";
import ShelfView from "./shelf/ShelfView.vue";
import TrayView from "./tray/TrayView.vue";
import WeavesView from "./weaves/WeavesView.vue";

const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", component: ShelfView },
    { path: "/tray", component: TrayView },
    { path: "/weaves", component: WeavesView },
    { path: "/learn", component: LearnView },
    { path: "/makings", component: LogView },
    { path: "/makings/beside/:piece", component: BesideView, props: true },
    { path: "/makings/:id", component: MakingView, props: true },
    { path: "/pieces/:id", component: BenchView, props: true },
    { path: "/pieces/:id/print", component: PrintView, props: true },
  ],
});

createApp(App).use(router).mount("#app");

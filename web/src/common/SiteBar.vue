<script setup lang="ts">
import { useEventListener } from "@vueuse/core";
import { ref } from "vue";
import { useRouter } from "vue-router";
import mark from "../assets/mark.svg";
import CommandPalette from "../keys/CommandPalette.vue";
import KeySheet from "../keys/KeySheet.vue";
import { onSingleKey, useCommands } from "../keys/commands";
import SettingsPanel from "../settings/SettingsPanel.vue";

/** The same head on every page: where one can go, what can be done, how one works. */
const emit = defineEmits<{ said: [] }>();
const router = useRouter();
const PAGES = [
  { to: "/", name: "Shelf", key: "h" },
  { to: "/weaves", name: "Weaves", key: "v" },
  { to: "/tray", name: "Bead tray", key: "t" },
  { to: "/makings", name: "Log", key: "j" },
  { to: "/learn", name: "Learn", key: "n" },
];
const palette = ref(false);
const sheet = ref(false);
const settings = ref(false);

useCommands(() => [
  ...PAGES.map(({ to, name, key }) => ({
    words: `Go to the ${name.toLowerCase()}`,
    key,
    run: () => void router.push(to),
  })),
  { words: "Do something else, by its name", key: "/", run: () => (palette.value = true) },
  { words: "Show every key", key: "?", run: () => (sheet.value = true) },
  { words: "Say how you work: units, hand, light, pace", key: ",", run: () => (settings.value = true) },
]);
useEventListener("keydown", (event: KeyboardEvent) => {
  onSingleKey(event);
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
    event.preventDefault();
    palette.value = true;
  }
});
</script>

<template>
  <header class="site-bar d-flex flex-wrap align-items-center column-gap-3 px-3 py-1">
    <nav aria-label="Meander" class="d-flex align-items-center">
      <RouterLink to="/" class="d-flex p-2" aria-label="Meander, the shelf"
        ><img :src="mark" alt="" width="28" height="28"
      /></RouterLink>
      <BNav class="flex-nowrap">
        <BNavItem v-for="page in PAGES" :key="page.to" :to="page.to" exact-active-class="here">{{
          page.name
        }}</BNavItem>
      </BNav>
    </nav>
    <slot />
    <div class="d-flex gap-1 ms-auto">
      <BButton variant="link" title="/" @click="palette = true">Do…</BButton>
      <BButton variant="link" title="?" aria-label="Keys" @click="sheet = true"><kbd>?</kbd></BButton>
      <BButton variant="link" title="," @click="settings = true">How you work</BButton>
    </div>
    <CommandPalette v-model="palette" />
    <KeySheet v-model="sheet" />
    <SettingsPanel v-model="settings" @said="emit('said')" />
  </header>
</template>

<script setup lang="ts">
import { useSettings } from "../settings/useSettings";

/** How this maker likes to see things. */
const settings = useSettings();
</script>

<template>
  <div class="settings" role="group" aria-label="Settings">
    <div class="choice" role="group" aria-label="Units">
      <button type="button" :aria-pressed="settings.units === 'mm'" @click="settings.units = 'mm'">mm</button>
      <button type="button" :aria-pressed="settings.units === 'in'" @click="settings.units = 'in'">inches</button>
    </div>
    <div class="choice" role="group" aria-label="Hand">
      <button type="button" :aria-pressed="settings.hand === 'left'" @click="settings.hand = 'left'">left</button>
      <button type="button" :aria-pressed="settings.hand === 'right'" @click="settings.hand = 'right'">
        right<span class="wide-only">-handed</span>
      </button>
    </div>
    <div class="choice" role="group" aria-label="Light">
      <button type="button" :aria-pressed="settings.theme === 'light'" @click="settings.theme = 'light'">light</button>
      <button type="button" :aria-pressed="settings.theme === 'dark'" @click="settings.theme = 'dark'">dark</button>
    </div>
  </div>
</template>

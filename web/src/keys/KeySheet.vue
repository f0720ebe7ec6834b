<script setup lang="ts">
import { commands } from "./commands";
import { useSettings } from "../settings/useSettings";

/** Every key there is on this page. */
const open = defineModel<boolean>({ required: true });
const settings = useSettings();
const ALWAYS = [
  { words: "Undo", key: "Ctrl Z" },
  { words: "Redo", key: "Ctrl Shift Z" },
  { words: "One more or one less of a value in hand", key: "↑ ↓" },
  { words: "Close what is open", key: "Esc" },
];
const PICTURES = [
  { words: "Nearer, farther, whole", key: "+ − 0" },
  { words: "Move along", key: "← →" },
  { words: "To either end of a strip", key: "Home End" },
];
const parts = () => [
  { name: "While nothing is typed", keys: commands.value.filter((one) => one.key), off: !settings.keys },
  { name: "Always", keys: ALWAYS, off: false },
  { name: "On a picture in hand", keys: PICTURES, off: false },
];
</script>

<template>
  <BModal v-model="open" title="Keys" no-footer lazy>
    <section v-for="part in parts()" :key="part.name" class="mb-3" :aria-label="part.name">
      <h3>{{ part.name }}<small v-if="part.off" class="quiet"> (switched off)</small></h3>
      <dl :class="{ quiet: part.off }">
        <div v-for="one in part.keys" :key="one.words" class="d-flex align-items-center gap-3">
          <dt class="flex-fill fw-normal">{{ one.words }}</dt>
          <dd class="m-0">
            <kbd>{{ one.key }}</kbd>
          </dd>
        </div>
      </dl>
    </section>
    <BFormCheckbox v-model="settings.keys" switch>Single keys do something</BFormCheckbox>
  </BModal>
</template>

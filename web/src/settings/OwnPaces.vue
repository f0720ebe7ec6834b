<script setup lang="ts">
import { computed } from "vue";
import { PACES, type Paced } from "./paces";
import { useMaker } from "./useMaker";

/** Crafts that are counted at a pace of their own, and back to the one for all. */
const emit = defineEmits<{ said: [] }>();
const { maker, say } = useMaker();
const own = computed(() => (Object.keys(PACES) as Paced[]).filter((craft) => maker.paces?.[craft]));
async function forget(craft: Paced) {
  await say({ ...maker, paces: { ...maker.paces, [craft]: null } }).catch(() => undefined);
  emit("said");
}
</script>

<template>
  <ul v-if="own.length" class="list-unstyled mb-3">
    <li v-for="craft in own" :key="craft">
      {{ PACES[craft].name }} goes at {{ maker.paces[craft] }} {{ PACES[craft].of }} a minute, as you were timed.
      <BButton variant="link" class="p-0" @click="forget(craft)">Count with {{ maker.pace }} again</BButton>
    </li>
  </ul>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useMaker } from "./useMaker";

/** Crafts that are counted at a pace of their own, and back to the one for all. */
const emit = defineEmits<{ said: [] }>();
const { maker, say } = useMaker();
const NAMES = { weave: "Weaving", braid: "Braiding", crochet: "Crochet", knot: "Knotting" } as const;
type Craft = keyof typeof NAMES;
const own = computed(() => (Object.keys(NAMES) as Craft[]).filter((craft) => maker.paces?.[craft]));
async function forget(craft: Craft) {
  await say({ ...maker, paces: { ...maker.paces, [craft]: null } }).catch(() => undefined);
  emit("said");
}
</script>

<template>
  <ul v-if="own.length" class="list-unstyled mb-3">
    <li v-for="craft in own" :key="craft">
      {{ NAMES[craft] }} goes at {{ maker.paces[craft] }} moves a minute, as you were timed.
      <BButton variant="link" class="p-0" @click="forget(craft)">Count with {{ maker.pace }} again</BButton>
    </li>
  </ul>
</template>

<script setup lang="ts">
import { computed, ref } from "vue";
import type { Learned } from "../api/makings";
import { PACES, type Paced } from "../settings/paces";
import { useMaker } from "../settings/useMaker";
import { useFormat } from "../units/format";

/** How fast each craft went in what was made, beside what plans count with: offered, never taken by itself. */
const props = defineProps<{ learned: Learned[] }>();
const format = useFormat();
const { maker, say } = useMaker();
/** Less time than this says too little, in minutes. */
const LEAST = 5;
const planned = (craft: string) => maker.paces?.[craft as keyof typeof maker.paces] ?? maker.pace;
const rows = computed(() => props.learned.filter((one) => one.minutes >= LEAST && one.craft in PACES));
const trouble = ref("");
async function use(one: Learned) {
  try {
    await say({ ...maker, paces: { ...maker.paces, [one.craft]: one.pace } });
    trouble.value = "";
  } catch {
    trouble.value = "This could not be saved: Meander cannot be reached.";
  }
}
</script>

<template>
  <section v-if="rows.length" class="panel mb-3" aria-label="Your pace">
    <h2 class="mb-2">Your pace, as you were timed</h2>
    <ul class="list-unstyled mb-0">
      <li v-for="one in rows" :key="one.craft" class="d-flex flex-wrap align-items-center column-gap-3">
        <span class="figures"
          >{{ PACES[one.craft as Paced].name }}: {{ one.pace }} {{ PACES[one.craft as Paced].of }} a minute over
          {{ format.time(one.minutes) }} in {{ one.makings }} {{ one.makings === 1 ? "making" : "makings" }}; plans
          count with {{ planned(one.craft) }}.</span
        >
        <BButton v-if="planned(one.craft) !== one.pace" variant="outline-primary" size="sm" @click="use(one)"
          >Count with {{ one.pace }}</BButton
        >
      </li>
    </ul>
    <p v-if="trouble" class="text-danger mb-0" role="alert">{{ trouble }}</p>
  </section>
</template>

<script setup lang="ts">
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** What is done after what, as a maker would. */
defineProps<{ order: Plan["order"] }>();
const format = useFormat();
const NAMES: Record<string, string> = {
  cut: "Cut",
  shape: "Shape",
  add: "Add",
  anchor: "Anchor",
  weave: "Weave",
  turn: "Turn over",
  bend: "Bend",
  join: "Join",
  bead: "Beads",
  secure: "Secure",
  end: "End",
  pair: "The second one",
};
</script>

<template>
  <section class="panel order" aria-label="Order of work">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2"><h2>Order of work</h2></header>
    <ol>
      <li v-for="(step, i) in order" :key="i">
        <b>{{ NAMES[step.kind] ?? step.kind }}</b>. {{ step.words }}
        <span v-if="step.minutes > 0" class="quiet figures">about {{ format.time(step.minutes) }}</span>
      </li>
    </ol>
  </section>
</template>

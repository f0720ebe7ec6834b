<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { together } from "./together";
import { useWas } from "../common/useWas";
import { useFormat } from "../units/format";

/** What to cut, in the largest figures there are on the bench: every row of the cut list. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();
/** Lengths that are cut alike stand together. */
const rows = computed(() => {
  const groups = Map.groupBy(props.plan.cut_list, (row) => `${row.cut_mm} ${row.words}`);
  return [...groups.values()].map((alike) => {
    const count = alike.reduce((sum, row) => sum + row.count, 0);
    const { cut_mm, words } = alike[0]!;
    const use = together([...new Set(alike.map((row) => row.use))]);
    return { times: count > 1 ? `${count} × ` : "", mm: format.cut(cut_mm), words, use };
  });
});
const MANY = 6;
const was = useWas(() => new Map(rows.value.map((row) => [`${row.words}, ${row.use}`, `${row.times}${row.mm}`])));
/** What changed, for those who listen. */
const said = computed(() => [...was.value].map(([what, before]) => `${what}: ${before} before.`).join(" "));
</script>

<template>
  <section class="panel cut-tally" aria-label="To cut">
    <header class="panel-head">
      <h2>To cut <small v-if="plan.pieces === 2">for each of the two</small></h2>
    </header>
    <ul class="figures" :class="{ many: rows.length > MANY }">
      <li v-for="row in rows" :key="`${row.mm} ${row.words}`">
        <strong :class="{ changed: was.has(`${row.words}, ${row.use}`) }">{{ row.times }}{{ row.mm }}</strong>
        <s v-if="was.has(`${row.words}, ${row.use}`)" class="was">{{ was.get(`${row.words}, ${row.use}`) }}</s>
        <span>{{ row.words }}, {{ row.use }}</span>
      </li>
    </ul>
    <p class="visually-hidden" aria-live="polite">{{ said }}</p>
  </section>
</template>

<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
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
    const uses = [...new Set(alike.map((row) => row.use))];
    return { times: count > 1 ? `${count} × ` : "", mm: format.cut(cut_mm), words, use: uses.join("; ") };
  });
});
const MANY = 6;
</script>

<template>
  <section class="panel cut-tally" aria-label="To cut">
    <header class="panel-head">
      <h2>To cut <small v-if="plan.pieces === 2">for each of the two</small></h2>
    </header>
    <ul class="figures" :class="{ many: rows.length > MANY }">
      <li v-for="row in rows" :key="`${row.mm} ${row.words}`">
        <strong>{{ row.times }}{{ row.mm }}</strong> <span>{{ row.words }}, {{ row.use }}</span>
      </li>
    </ul>
  </section>
</template>

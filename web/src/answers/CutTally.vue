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
    const [first, ...others] = [...new Set(alike.map((row) => row.use))];
    const use = [first, ...others.map((other) => withoutSame(other, first!))].join("; ");
    return { times: count > 1 ? `${count} × ` : "", mm: format.cut(cut_mm), words, use };
  });
});
const MANY = 6;
/** What is said twice in a row is said once: "base wire, near; far". */
function withoutSame(use: string, before: string): string {
  const [head] = before.split(", ");
  return use.startsWith(`${head}, `) ? use.slice(head!.length + 2) : use;
}
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

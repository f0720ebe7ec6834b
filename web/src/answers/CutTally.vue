<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { useBench } from "../bench/useBench";
import { useSame } from "../common/useSame";
import { baseOf, workingOf } from "../document/routes";
import { together } from "./together";
import { useWas } from "../common/useWas";
import { useFormat } from "../units/format";

/** What to cut, in the largest figures there are on the bench: every row of the cut list. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();
const bench = useBench();
const many = computed(() => props.plan.sections.length > 1);
/** Wires of the section in hand stand out. */
const inHand = useSame(() => [
  ...baseOf(bench.draft.value!, bench.hand.value),
  ...workingOf(bench.draft.value!, bench.hand.value),
]);
const isInHand = (wire: string) => inHand.value.includes(wire);
/** Lengths that are cut alike stand together. */
const rows = computed(() => {
  const groups = Map.groupBy(props.plan.cut_list, (row) => `${row.cut_mm} ${row.words}`);
  const seen = new Map<string, number>();
  return [...groups.values()].map((alike) => {
    const count = alike.reduce((sum, row) => sum + row.count, 0);
    const { cut_mm, words } = alike[0]!;
    const use = together([...new Set(alike.map((row) => row.use))]);
    const lit = many.value && alike.some((row) => row.section === bench.hand.value || row.ids.some(isInHand));
    const { kind } = alike[0]!;
    const number = (seen.get(kind) ?? 0) + 1;
    seen.set(kind, number);
    return { key: `${kind} ${number}`, lit, times: count > 1 ? `${count} × ` : "", mm: format.cut(cut_mm), words, use };
  });
});
const MANY = 6;
const was = useWas(() => new Map(rows.value.map((row) => [row.key, `${row.times}${row.mm}`])));
/** What changed, for those who listen. */
const said = computed(() =>
  rows.value
    .filter((row) => was.value.has(row.key))
    .map((row) => `${row.times}${row.mm} of ${row.words}, ${was.value.get(row.key)} before.`)
    .join(" "),
);
</script>

<template>
  <section class="panel cut-tally" aria-label="To cut">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>To cut <small v-if="plan.pieces === 2">for each of the two</small></h2>
    </header>
    <ul class="figures" :class="{ many: rows.length > MANY }">
      <li
        v-for="row in rows"
        :key="row.key"
        class="d-flex align-items-baseline gap-2"
        :class="{ 'lit border-start border-primary border-3 ps-2': row.lit }"
      >
        <strong :class="{ 'changed bg-primary-subtle': was.has(row.key) }">{{ row.times }}{{ row.mm }}</strong>
        <s v-if="was.has(row.key)" class="was quiet text-nowrap">{{ was.get(row.key) }}</s>
        <span class="quiet">{{ row.words }}, {{ row.use }}</span>
      </li>
    </ul>
    <p class="visually-hidden" aria-live="polite">{{ said }}</p>
  </section>
</template>

<script setup lang="ts">
import { computed, ref } from "vue";
import type { KnotRow } from "../../api/knots";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import { baseOf } from "../../document/routes";
import { item, kindOfKnot, KINDS, knotted, withKnotted, written } from "./knot";
import { at, emptyRow, pressed, putsOf } from "./pointed";

/** The pattern row by row, each cord a place: pressed, a place gets a knot that begins there, or loses the one it has. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const rows = computed(() => knotted(piece.value, bench.hand.value).rows);
const cords = computed(() => baseOf(piece.value, bench.hand.value).length);
const closed = computed(() => !!knotted(piece.value, bench.hand.value).round);
const kind = ref("square");
const hand = ref<"left" | "right">("left");
const many = ref(4);
const tool = computed(() => kindOfKnot(kind.value)!);
const span = computed(() => Math.min(Math.max(many.value, tool.value.least), tool.value.most, cords.value));
const HANDS = computed(() => Object.entries(tool.value.hands ?? {}).map(([key, name]) => ({ key, name })));
const NUMBERS = computed(() =>
  Array.from({ length: Math.min(tool.value.most, cords.value) - tool.value.least + 1 }, (_, i) => {
    const key = String(tool.value.least + i);
    return { key, name: key };
  }),
);
const said = ref("");
const MOST_ROWS = 100;
const put = (next: KnotRow[]) =>
  void bench.change(withKnotted(piece.value, bench.hand.value, { rows: next as typeof rows.value }));
function press(row: number, place: number) {
  const next = pressed(rows.value[row]!, place, item(kind.value, span.value, hand.value), cords.value, closed.value);
  if (!next) return void (said.value = `there is no room for ${span.value} cords at place ${place + 1}`);
  said.value = "";
  put(rows.value.toSpliced(row, 1, next as (typeof rows.value)[number]));
}
const name = (row: KnotRow, place: number) => {
  const there = at(putsOf(row), place, cords.value);
  return there ? `${kindOfKnot(there.item.kind)!.name}: remove it` : `${tool.value.name} here`;
};
const first = (row: KnotRow, place: number) => at(putsOf(row), place, cords.value)?.from === place;
const sign = (row: KnotRow, place: number) => {
  const there = at(putsOf(row), place, cords.value);
  return there ? written([{ ...row, gap: { typed: "0 mm" }, times: 1, knots: [there.item] } as KnotRow]) : "";
};
</script>

<template>
  <p class="sentence mb-2">
    Press a place to tie
    <LiveChoice
      :value="kind"
      :options="KINDS.map(({ key, name: words }) => ({ key, name: words }))"
      label="Knot to tie"
      @change="(key) => (kind = key)"
    />{{ " " }}
    <template v-if="tool.hands"
      ><LiveChoice
        :value="hand"
        :options="HANDS"
        label="Side of the knot"
        @change="(key) => (hand = key as typeof hand)" /></template
    >{{ " " }} of
    <LiveChoice
      :value="String(span)"
      :options="NUMBERS"
      label="Cords of the knot"
      @change="(key) => (many = Number(key))"
    />
    cords there; press a knot to remove it.
    <span v-if="said" role="status" class="text-danger">Not there: {{ said }}.</span>
  </p>
  <div class="knot-rows figures overflow-auto" role="group" aria-label="The rows of the pattern, each cord a place">
    <div v-for="(row, r) in rows" :key="r" class="d-flex align-items-center gap-1">
      <span class="row-number quiet text-end">{{ r + 1 }}</span>
      <button
        v-for="place in cords"
        :key="place"
        type="button"
        class="place"
        :class="{ tied: at(putsOf(row), place - 1, cords), first: first(row, place - 1) }"
        :aria-label="`Row ${r + 1}, place ${place}: ${name(row, place - 1)}`"
        @click="press(r, place - 1)"
      >
        {{ first(row, place - 1) ? sign(row, place - 1) : "" }}
      </button>
      <span v-if="(row.times ?? 1) > 1" class="quiet">×{{ row.times }}</span>
      <BButton
        variant="link"
        size="sm"
        :disabled="rows.length >= MOST_ROWS"
        :aria-label="`A row like row ${r + 1} below it`"
        @click="put(rows.toSpliced(r + 1, 0, row))"
        >repeat</BButton
      >
      <BButton
        v-if="rows.length > 1"
        variant="link"
        size="sm"
        :aria-label="`Remove row ${r + 1}`"
        @click="put(rows.toSpliced(r, 1))"
        >remove</BButton
      >
    </div>
  </div>
  <BButton
    class="mt-2"
    variant="outline-primary"
    :disabled="rows.length >= MOST_ROWS"
    @click="put([...rows, emptyRow()])"
  >
    One row more
  </BButton>
</template>

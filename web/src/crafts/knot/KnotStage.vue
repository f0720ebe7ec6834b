<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from "vue";
import { useBench } from "../../bench/useBench";
import { useStageHeight } from "../../finished/useStageHeight";
import { useFormat } from "../../units/format";
import KnotGrid from "./KnotGrid.vue";
import KnotPlayer from "./KnotPlayer.vue";
import KnotPoint from "./KnotPoint.vue";
import { useGrid } from "./useGrid";

const WholeSpace = defineAsyncComponent(() => import("../../space/WholeSpace.vue"));
/** The knotted section in hand on its grid, that can be pointed at; or being tied, knot by knot. */
defineProps<{ view: "walk" | "made" | "point" | "space" }>();
defineEmits<{ close: [] }>();
const bench = useBench();
const format = useFormat();
const told = computed(() => bench.knot.value!);
const grid = useGrid();
const high = useStageHeight();
/** So many levels are seen at once, as large as can be read at arm's length; px of what else stands there. */
const [LEVEL, BESIDE] = [30, 10];
const seen = computed(() => Math.max(Math.floor((high.value - BESIDE) / LEVEL), 5));
const from = ref(0);
const most = computed(() => Math.max(grid.value.grid.levels - seen.value, 0));
const shown = computed(() => Math.min(from.value, most.value));
const doing = ({ works, fills, holds }: { works: number; fills: number; holds: number }) =>
  [works && `works in ${works}`, fills && `is tied round in ${fills}`, holds && `carries ${holds}`]
    .filter(Boolean)
    .join(", ") || "only hangs there";
</script>

<template>
  <section class="panel" aria-label="The knots by their cords">
    <KnotPlayer v-if="view === 'made'" :key="bench.hand.value" @close="$emit('close')" />
    <WholeSpace v-else-if="view === 'space'" />
    <KnotPoint v-else-if="view === 'point'" />
    <template v-else>
      <KnotGrid
        v-bind="grid"
        :from="shown"
        :levels="seen"
        :high="high - BESIDE"
        :label="`The grid: ${told.counted} on ${told.cords} cords`"
      />
      <label v-if="most > 0" class="d-flex align-items-center gap-2 quiet text-nowrap">
        rows down
        <input v-model.number="from" type="range" class="form-range" min="0" :max="most" aria-label="Rows shown" />
      </label>
      <details class="mt-2">
        <summary class="quiet">In words, and cord by cord</summary>
        <ol class="serif">
          <li v-for="(row, i) in told.rows" :key="i">
            {{ row.words }}<template v-if="row.times > 1">, for {{ row.times }} rows alike</template>.
          </li>
        </ol>
        <p class="quiet figures">In short: {{ told.notation }}</p>
        <ul class="figures">
          <li v-for="cord in told.wires" :key="cord.cord">
            Cord {{ cord.cord }}: {{ format.length(cord.run_mm) }}; {{ doing(cord) }}.
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>

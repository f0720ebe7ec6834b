<script setup lang="ts">
import { computed } from "vue";
import KnotGrid from "../crafts/knot/KnotGrid.vue";
import { gridOf } from "../crafts/knot/useGrid";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** The grids of what is knotted, in as many parts as it takes, and what every cord does. */
const props = defineProps<{ piece: Piece; plan: Plan }>();
const format = useFormat();
/** Levels of a part; more parts are not printed: such a grid is read on the bench. */
const [LEVELS, MOST, HIGH] = [24, 8, 560];
const grids = computed(() =>
  props.plan.sections.flatMap(({ id, knot }, i) => {
    if (!knot) return [];
    const grid = gridOf(props.piece, props.plan, id, knot);
    const parts = Math.ceil(grid.grid.levels / LEVELS);
    return [{ id, number: i + 1, grid, told: knot, parts: Math.min(parts, MOST), left: parts > MOST }];
  }),
);
</script>

<template>
  <section v-for="one in grids" :key="one.id" class="print-charts">
    <h2>Grid{{ plan.sections.length > 1 ? ` of section ${one.number}` : "" }}</h2>
    <p>
      A box with two lines is a square knot, with one a half knot, its dot the side it is begun from; with four a
      gathering wrap; a line with rings on it is a row of hitches round one cord; an oval is an overhand knot, with
      strokes a crown, clockwise where they lean to the right. In short: {{ one.told.notation }}
    </p>
    <figure v-for="part in one.parts" :key="part">
      <KnotGrid
        v-bind="one.grid"
        :from="(part - 1) * LEVELS"
        :levels="Math.min(LEVELS, one.grid.grid.levels - (part - 1) * LEVELS)"
        :high="HIGH"
        :label="`Grid, part ${part} of ${one.parts}`"
      />
    </figure>
    <p v-if="one.left" class="quiet">The rows that follow are on the bench.</p>
    <p class="figures">
      <template v-for="(cord, i) in one.told.wires" :key="cord.cord"
        >{{ i ? "; " : "" }}cord {{ cord.cord }} {{ format.length(cord.run_mm) }}</template
      ><template v-if="one.told.assumed"> (assumed)</template>.
    </p>
  </section>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import { kindOf } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import { isOnBench, withSample } from "./knot";
import KnotCards from "./KnotCards.vue";

/** The patterns of knots, in the cord of the section in hand. */
const bench = useBench();
const emit = defineEmits<{ fold: [] }>();
const piece = computed(() => bench.draft.value!);
const own = computed(() => baseOf(piece.value, bench.hand.value)[0]!);
const cord = computed(() => ({ typed: kindOf(piece.value, own.value).size.typed }));
const colour = computed(() => bench.answer.value!.plan.wires.find((one) => one.id === own.value)?.colour ?? "gray");
</script>

<template>
  <section class="panel" aria-label="The knots">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>The knots</h2>
      <span class="quiet">in {{ cord.typed }} cord</span>
      <span class="flex-fill" />
      <BCloseButton aria-label="Fold away" @click="emit('fold')" />
    </header>
    <KnotCards
      :cord="cord"
      :colour="colour"
      :taken="(sample) => isOnBench(piece, bench.hand.value, sample)"
      @take="(sample) => bench.change(withSample(piece, bench.hand.value, sample))"
    />
  </section>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import { kindOf } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import { isMade, withSample } from "./crochet";
import FabricCards from "./FabricCards.vue";

/** The fabrics, in the wire of the section in hand. */
const bench = useBench();
const emit = defineEmits<{ fold: [] }>();
const piece = computed(() => bench.draft.value!);
const wire = computed(() => ({ typed: kindOf(piece.value, baseOf(piece.value, bench.hand.value)[0]!).size.typed }));
</script>

<template>
  <section class="panel" aria-label="The fabrics">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>The fabrics</h2>
      <span class="quiet">in {{ wire.typed }} wire</span>
      <span class="flex-fill" />
      <BCloseButton aria-label="Fold away" @click="emit('fold')" />
    </header>
    <FabricCards
      :wire="wire"
      :taken="(sample) => isMade(piece, bench.hand.value, sample)"
      @take="(sample) => bench.change(withSample(piece, bench.hand.value, sample))"
    />
  </section>
</template>

<script setup lang="ts">
import { computed } from "vue";
import MoreWords from "../common/MoreWords.vue";
import type { Plan } from "../generated/plan";
import CoverTable from "./CoverTable.vue";
import CutBars from "./CutBars.vue";
import GaugeNames from "./GaugeNames.vue";
import SupplyWays from "./SupplyWays.vue";
import WeavingCuts from "./WeavingCuts.vue";
import WeavingLengths from "./WeavingLengths.vue";

/** What to cut. */
const props = defineProps<{ plan: Plan }>();
/** Of a piece that is one strip. */
const strip = computed(() => (props.plan.strip ? props.plan.sections[0]!.strip : null));
</script>

<template>
  <section class="panel wires" aria-label="Wires to cut">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>
        Cut <small>{{ plan.pieces === 2 ? "for each of the two; " : "" }}marks are measured from the first end</small>
      </h2>
    </header>
    <CutBars :plan="plan" />
    <WeavingLengths v-if="strip" :weaving="strip.weaving" />
    <WeavingCuts v-else :plan="plan" />
    <SupplyWays v-if="!strip && plan.supply.length" :supply="plan.supply" />
    <MoreWords v-if="strip" words="What the weave covers, and what it leaves bare">
      <CoverTable :cuts="plan.cuts" :cover="strip.weave.cover" />
    </MoreWords>
    <MoreWords words="What these wires are called elsewhere">
      <GaugeNames :plan="plan" />
    </MoreWords>
  </section>
</template>

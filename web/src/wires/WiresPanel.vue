<script setup lang="ts">
import type { Plan } from "../generated/plan";
import BaseBars from "./BaseBars.vue";
import CoverTable from "./CoverTable.vue";
import GaugeNames from "./GaugeNames.vue";
import WeavingLengths from "./WeavingLengths.vue";

/** What to cut. */
defineProps<{ plan: Plan }>();
</script>

<template>
  <section class="panel wires" aria-label="Wires to cut">
    <header class="panel-head">
      <h2>Cut <small>marks are measured from the tail end</small></h2>
    </header>
    <BaseBars :plan="plan" />
    <WeavingLengths :plan="plan" />
    <details>
      <summary>What the weave covers, and what it leaves bare</summary>
      <CoverTable :plan="plan" />
    </details>
    <details>
      <summary>What these wires are called elsewhere</summary>
      <GaugeNames :plan="plan" />
    </details>
  </section>
</template>

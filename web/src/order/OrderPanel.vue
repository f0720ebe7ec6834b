<script setup lang="ts">
import { useBench } from "../bench/useBench";
import OrderSteps from "./OrderSteps.vue";

/** The order of work of the piece on the bench. */
const bench = useBench();
</script>

<template>
  <section class="panel order" aria-label="Order of work">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2"><h2>Order of work</h2></header>
    <OrderSteps :plan="bench.answer.value!.plan" :piece="bench.answer.value!.document" @stale="bench.replan()" />
  </section>
</template>

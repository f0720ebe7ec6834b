<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import BeginMaking from "./BeginMaking.vue";
import OrderSteps from "./OrderSteps.vue";
import TaskList from "./TaskList.vue";

/** The order of work of the piece on the bench: what is done after what, and step by step. */
const bench = useBench();
const plan = computed(() => bench.answer.value!.plan);
const changing = ref(false);
</script>

<template>
  <section class="panel order" aria-label="Order of work">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2 class="flex-fill">Order of work</h2>
      <BeginMaking />
      <BButton
        v-if="plan.tasks.length > 1"
        variant="outline-secondary"
        :pressed="changing"
        @click="changing = !changing"
        >Change the order</BButton
      >
    </header>
    <TaskList v-if="changing && plan.tasks.length > 1" />
    <OrderSteps :plan="plan" :piece="bench.answer.value!.document" @stale="bench.replan()" />
  </section>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";

/** What cannot be used as typed. The figures stay those of the last good values, and what was typed stays too. */
const bench = useBench();

/** The same fault at twin places (two wires alike) is told once and put right at both. */
const faults = computed(() => {
  const groups = Map.groupBy(bench.faults.value, (fault) => fault.message);
  return [...groups.values()].map((alike) => ({ ...alike[0]!, paths: alike.map((fault) => fault.path) }));
});
</script>

<template>
  <section v-if="faults.length" class="alert alert-danger faults" role="alert" aria-label="Values to put right">
    <p class="fw-semibold">These figures are from before the last change.</p>
    <ul>
      <li v-for="fault in faults" :key="fault.message">
        <b>{{ fault.message }}</b>. Accepted: {{ fault.accepted }}.
        <BButton
          v-for="text in fault.likely"
          :key="text"
          variant="outline-primary"
          size="sm"
          @click="bench.edit(fault.paths, { typed: text })"
          >Take {{ text }}</BButton
        >
      </li>
    </ul>
  </section>
</template>

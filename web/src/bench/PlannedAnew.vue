<script setup lang="ts">
import { useBench } from "./useBench";

/** Said once, when a piece is opened whose counts have changed since it was planned last: the counts it had are one step back. */
const bench = useBench();

function before() {
  bench.anew.value = "";
  bench.undo();
}
</script>

<template>
  <p v-if="bench.anew.value" class="alert alert-primary d-inline-flex align-items-center gap-3" role="status">
    {{ bench.anew.value }}
    <BButton variant="outline-primary" @click="before">As before</BButton>
    <BButton variant="link" @click="bench.anew.value = ''">Keep it so</BButton>
  </p>
</template>

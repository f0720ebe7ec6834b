<script setup lang="ts">
import { useBench } from "./useBench";

/**
 * Said when a piece is opened: that its counts have changed since it was planned last, the counts it had being one step
 * back; that something typed here was never saved.
 */
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
    <BButton variant="link" @click="bench.anew.value = ''">Use it so</BButton>
  </p>
  <p
    v-if="bench.drafts.leftOver.value"
    class="alert alert-primary d-inline-flex align-items-center gap-3"
    role="status"
  >
    What you typed here last was never saved, and the piece was changed elsewhere since.
    <BButton variant="outline-primary" @click="bench.drafts.putBack()">Put mine back</BButton>
    <BButton variant="link" @click="bench.drafts.drop()">Discard mine</BButton>
  </p>
</template>

<script setup lang="ts">
import { useBench } from "../bench/useBench";
import { withWalk } from "../bench/weave";

/** Exchanges the walk for one of its mirror images, as the last good plan tells them. */
const bench = useBench();
function mirror(how: "across" | "along" | "turned") {
  void bench.change(withWalk(bench.draft.value!, bench.hand.value, bench.strip.value.weave.mirrors[how]));
}
</script>

<template>
  <span class="d-inline-flex flex-wrap align-items-center gap-1">
    Mirror the walk
    <BButton variant="outline-secondary" @click="mirror('across')">near for far</BButton>
    <BButton variant="outline-secondary" @click="mirror('along')">end for start</BButton>
    <BButton variant="outline-secondary" @click="mirror('turned')">back for front</BButton>
  </span>
</template>

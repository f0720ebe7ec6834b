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
  <span class="wire-row">
    Mirror the walk
    <button type="button" class="toggle" @click="mirror('across')">near for far</button>
    <button type="button" class="toggle" @click="mirror('along')">end for start</button>
    <button type="button" class="toggle" @click="mirror('turned')">back for front</button>
  </span>
</template>

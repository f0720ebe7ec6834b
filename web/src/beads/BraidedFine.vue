<script setup lang="ts">
import MaybeSize from "../brief/MaybeSize.vue";
import { mm } from "../choices/choices";
import CountsField from "./CountsField.vue";

/** Beads that are braided in: how many stitches from one to the next, the room they are given, and what curves an edge. */
defineProps<{ path: string; name: string; on: "middle" | "strand" | "near" | "far"; every: number[] }>();
</script>

<template>
  <template v-if="on !== 'strand'"
    >, a bead every
    <CountsField :path="`${path}/every`" :label="`${name}: stitches from bead to bead`" />
    {{ every.join() === "1" ? "stitch" : "stitches" }}</template
  >, with
  <MaybeSize
    :path="`${path}/room`"
    :label="`${name}: room beside a bead`"
    usual="the usual room"
    :start="() => mm(on === 'strand' ? 0.2 : 1.2)"
  />
  beside each<template v-if="on === 'near' || on === 'far'"
    >, a stitch along the other edge
    <MaybeSize
      :path="`${path}/inner`"
      :label="`${name}: stitch along the other edge`"
      usual="as the form asks"
      :start="() => mm(4)"
  /></template>
</template>

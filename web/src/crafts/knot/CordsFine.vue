<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import MaybeSize from "../../brief/MaybeSize.vue";
import { mm } from "../../choices/choices";
import { fromRim } from "../../sections/rim";
import { useFormat } from "../../units/format";
import { isClosable, knotted, withMount, withRound } from "./knot";

/** How the cords hang, how far apart, how long those are that there are, and what is done with their ends. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => knotted(piece.value, bench.hand.value));
const told = bench.knot;
const format = useFormat();
const rim = computed(() => fromRim(piece.value, now.value.at));
const hung = computed(() => {
  const from = rim.value ?? (now.value.round ? "from a ring" : "from a bar");
  const folded = [
    { key: "head", name: `${from}, each folded, its bight in front` },
    { key: "reverse", name: `${from}, each folded, its bight behind` },
  ];
  return rim.value ? folded : [{ key: "none", name: "side by side, by their ends" }, ...folded];
});
const FINISH = [
  { key: "cut", name: "only cut" },
  { key: "knot", name: "knotted" },
  { key: "glue", name: "glued" },
  { key: "melt", name: "melted" },
  { key: "tuck", name: "tucked in" },
];
const LIES = [
  { key: "flat", name: "lies flat" },
  { key: "round", name: "is closed round something" },
];
/** As small as has room for the knots of all cords. */
function lie(kind: string) {
  const { least_spacing_mm: apart = 5, cords = 4 } = told.value ?? {};
  const least = mm(Math.ceil((apart * cords) / Math.PI) + 2);
  const round = kind === "round" ? { across: least, deep: least } : null;
  void bench.change(withRound(piece.value, bench.hand.value, round));
}
const tenth = (value: number) => Number(value.toFixed(1));
function hang(kind: string) {
  const mount = kind === "none" ? null : { ...(now.value.mount ?? { over: mm(2), room: null }), kind };
  void bench.change(withMount(piece.value, bench.hand.value, mount as typeof now.value.mount));
}
</script>

<template>
  <p class="flex-fill mb-0">
    The cords hang
    <LiveChoice :value="now.mount?.kind ?? 'none'" :options="hung" label="How the cords hang" @change="hang" /><template
      v-if="now.mount?.over"
      >, <LiveSize :path="bench.path('mount/over')" label="Bar they hang from" :by="0.1" /> thick<template
        v-if="!now.round"
        >,
        <MaybeSize
          :path="bench.path('mount/room')"
          label="Room on the bar"
          usual="with room enough"
          :start="() => mm(Math.ceil(told?.heads_mm ?? 20))"
          :by="1" /></template></template
    ><template v-if="isClosable(now)"
      >; the work
      <LiveChoice
        :value="now.round ? 'round' : 'flat'"
        :options="LIES"
        label="How the work lies"
        @change="lie" /></template
    ><template v-if="now.round"
      >, <LiveSize :path="bench.path('round/across')" label="What it goes round, across" /> across and
      <LiveSize :path="bench.path('round/deep')" label="What it goes round, deep" /> deep, so that the cords hang
      {{ format.length(told?.spacing_mm ?? 0) }} from one to the next</template
    ><template v-else
      >. From one to the next
      <MaybeSize
        :path="bench.path('spacing')"
        label="From cord to cord"
        usual="as close as the knots let them"
        :start="() => mm(tenth((told?.spacing_mm ?? 2) + 0.5))"
        :by="0.1" /></template
    >; cords to hand are
    <MaybeSize :path="bench.path('to_hand')" label="Cord to hand" usual="cut for it" :start="() => mm(1000)" :by="10" />
    long.
    <template v-if="!now.round"
      >At the end they are hitched to {{ now.hitched ? "a bar of" : "" }}
      <MaybeSize
        :path="bench.path('hitched')"
        label="Bar they are hitched to"
        usual="no bar"
        :start="() => now.mount?.over ?? mm(2)"
        :by="0.1"
      />. </template
    >{{ now.mount ? "Below that they hang free for" : "At each end they are left unknotted for" }}
    <LiveSize :path="bench.path('bare/length')" :label="now.mount ? 'Hanging free' : 'Unknotted at each end'" />. Ends
    that nothing else is made of are
    <LiveChoice
      :value="now.finish ?? 'cut'"
      :options="FINISH"
      label="What is done with the ends"
      @change="(finish) => bench.edit(bench.path('finish'), finish)"
    />, with a tail of <LiveSize :path="bench.path('tail')" label="Tail" :by="10" />; of cord
    <LiveCount :path="bench.path('margin')" label="Margin in percent" percent /> % more is reckoned.
  </p>
</template>

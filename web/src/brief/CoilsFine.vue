<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { begunWithin, goesOn, type Section, section, withSection, withStart } from "../bench/weave";
import MirrorWalk from "../pointing/MirrorWalk.vue";
import { isFrame } from "../choices/choices";
import EvenFill from "./EvenFill.vue";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import StretchList from "./StretchList.vue";

/** Where the weave starts, what comes before and after the repeats, how close they lie, and mirror images of the walk. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => section(piece.value, bench.hand.value));
/** A frame is woven as its wires lie. */
const framed = computed(() => isFrame(now.value));
const STARTS = [
  { key: "end", name: "one end" },
  { key: "middle", name: "the middle outwards" },
];
const CENTRES = [
  { key: "shared", name: "sharing the coils in the middle" },
  { key: "own", name: "each with its own coils in the middle" },
];
const LENGTHS = [
  { key: "each", name: "one wire where a hand can manage it, else one for each half" },
  { key: "one", name: "one wire in any case, begun at its middle" },
];
/** What goes on to other sections is begun at its middle. */
const lengths = computed(() => (goesOn(piece.value, bench.hand.value) ? LENGTHS.slice(1) : LENGTHS));
const oneWire = computed(() => (begunWithin(piece.value, bench.hand.value) ? "one" : "each"));
const start = (from: string, wire = oneWire.value) =>
  bench.change(withStart(piece.value, bench.hand.value, from as Section["from"], wire === "one"));
const RISES = [
  { key: "packed", name: "pushed tight" },
  { key: "open", name: "opened up" },
];
const TAPERS = [
  { key: "alike", name: "all alike" },
  { key: "to", name: "coming to" },
];
type Rise = Section["rise"];
const takeTaper = (key: string) => {
  const rise = now.value.rise as Extract<Rise, { kind: "open" }>;
  const wider = { typed: `${Math.ceil(bench.strip.value.weave.advance_mm * 20) / 10} mm` };
  const next = key === "to" ? { ...rise, to: wider, over: rise.over ?? 12 } : { ...rise, to: null };
  void bench.change(withSection(piece.value, bench.hand.value, { rise: next }));
};
function takeRise(kind: string) {
  const { advance_mm } = bench.strip.value.weave;
  const pitch = { typed: `${Math.ceil(advance_mm * 12) / 10} mm` };
  void bench.change(
    withSection(piece.value, bench.hand.value, { rise: kind === "open" ? { kind, pitch } : { kind: "packed" } }),
  );
}
</script>

<template>
  <div>
    <p>
      Woven from
      <LiveChoice
        :value="now.from"
        :options="STARTS"
        label="Where the weave starts"
        @change="(from) => start(from)"
      /><template v-if="now.from === 'middle'"
        >, both halves
        <LiveChoice
          :value="now.centre ?? 'own'"
          :options="CENTRES"
          label="Coils in the middle"
          @change="
            (centre) => bench.change(withSection(piece, bench.hand.value, { centre: centre as Section['centre'] }))
          " />, woven with
        <LiveChoice
          :value="oneWire"
          :options="lengths"
          label="Wire for both halves"
          @change="(wire) => start('middle', wire)" /></template
      ><template v-if="!framed"
        >, the repeats
        <LiveChoice
          :value="now.rise.kind"
          :options="RISES"
          label="How close the repeats lie"
          @change="takeRise" /></template
      ><template v-if="now.rise.kind === 'open'"
        >, one every <LiveSize :path="bench.path('rise/pitch')" label="Pitch of a repeat" :by="0.1" />,
        <LiveChoice
          :value="now.rise.to ? 'to' : 'alike'"
          :options="TAPERS"
          label="Does the pitch change"
          @change="takeTaper"
        /><template v-if="now.rise.to"
          >{{ " " }}<LiveSize :path="bench.path('rise/to')" label="Pitch it comes to" :by="0.1" /> over the first
          <LiveCount :path="bench.path('rise/over')" label="Repeats over which the pitch changes" /> repeats</template
        ></template
      >.
    </p>
    <p v-if="now.pattern.kind === 'coils'">
      <LiveCount :path="bench.path('pattern/anchor')" label="Anchor coils" /> more single coils anchor the wire before
      the first repeat; <LiveCount :path="bench.path('pattern/closing')" label="Closing coils" /> single coils close
      after the last.
    </p>
    <template v-else>
      <p>Before the repeats: <StretchList side="before" /></p>
      <p>After them: <StretchList side="after" /></p>
      <p><MirrorWalk /></p>
    </template>
    <EvenFill v-if="!framed" />
  </div>
</template>

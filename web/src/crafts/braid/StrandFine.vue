<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveSize from "../../brief/LiveSize.vue";
import MaybeSize from "../../brief/MaybeSize.vue";
import { mm } from "../../choices/choices";
import { kindOf } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import { braid, withWires } from "./braid";

/** What each strand is: one wire, some side by side, or some twisted to a cord. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const strands = computed(() => braid(piece.value, bench.hand.value).strands);
const WAYS = [
  { key: "1", name: "one wire" },
  { key: "2", name: "two wires side by side" },
  { key: "3", name: "three wires side by side" },
  { key: "2 twisted", name: "a cord of two wires" },
  { key: "3 twisted", name: "a cord of three wires" },
  { key: "4 twisted", name: "a cord of four wires" },
];
const HANDS = [
  { key: "right", name: "to the right" },
  { key: "left", name: "to the left" },
];
/** What its longest wire takes. */
const longest = computed(() => {
  const own = baseOf(piece.value, bench.hand.value);
  const cuts = bench.answer.value?.plan.cuts.filter((cut) => cut.wires.some((id) => own.includes(id))) ?? [];
  return Math.max(...cuts.map((cut) => cut.cut_mm), 100);
});
const way = (at: number) => `${strands.value[at]!.wires}${strands.value[at]!.twist ? " twisted" : ""}`;
function take(at: number, key: string) {
  const [wires, twisted] = key.split(" ");
  const [first] = baseOf(piece.value, bench.hand.value);
  const mm =
    bench.answer.value!.document.kinds.find((kind) => kind.id === kindOf(piece.value, first!).id)?.size.mm ?? 1;
  void bench.change(withWires(piece.value, bench.hand.value, at, Number(wires), twisted !== undefined, mm));
}
</script>

<template>
  <div class="flex-fill">
    <p v-for="(strand, i) in strands" :key="i" class="mb-0">
      Strand {{ i + 1 }}:
      <LiveChoice :value="way(i)" :options="WAYS" :label="`Strand ${i + 1}`" @change="(key) => take(i, key)" /><template
        v-if="strand.twist"
        >, a turn every
        <LiveSize :path="bench.path(`strands/${i}/twist/lay`)" :label="`Strand ${i + 1}: length of a turn`" :by="0.2" />
        <LiveChoice
          :value="strand.twist.hand"
          :options="HANDS"
          :label="`Strand ${i + 1}: which way it is twisted`"
          @change="(hand) => bench.edit(bench.path(`strands/${i}/twist/hand`), hand)" /></template
      >.
    </p>
    <p class="mb-0">
      Each of its wires is
      <MaybeSize
        :path="bench.path('to_hand')"
        label="Wire to hand"
        usual="cut for it"
        :start="() => mm(Math.ceil(longest / 10) * 10)"
        :by="10"
      /><template v-if="braid(piece, bench.hand.value).to_hand"> long, from end to end</template>.
    </p>
  </div>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import LiveWire from "../../brief/LiveWire.vue";
import { baseOf, workingOf } from "../../document/routes";
import type { Piece } from "../../generated/piece";
import { rowsOf } from "../../sections/document";
import { seatWords } from "../../sections/endings";
import { wovenBefore } from "../../sections/goingOn";
import WireFrom from "../../sections/WireFrom.vue";

/** Wraps round wires where they leave sections, as a sentence. */
type Bind = Extract<Piece["sections"][number], { craft: "bind" }>;
const MOST = 12;
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const index = computed(() => piece.value.sections.findIndex((one) => one.id === bench.hand.value));
const bind = computed(() => {
  const found = piece.value.sections[index.value];
  return found?.craft === "bind" ? found : null;
});
/** May it be made with the wire of another section? */
const shared = computed(() => wovenBefore(piece.value, bench.hand.value, bench.answer.value!.plan).length > 0);
const wires = computed(() => (bind.value ? workingOf(piece.value, bind.value.id) : []));
const key = ({ section, side, seat }: Bind["around"][number]) => `${section} ${side} ${seat}`;
/** Every end of a base wire of the sections before it. */
const ends = computed(() =>
  rowsOf(piece.value, index.value).flatMap((section) =>
    baseOf(piece.value, section).flatMap((_, i) =>
      (["end", "start"] as const).map((side) => ({
        key: `${section} ${side} ${i + 1}`,
        name: `${seatWords(piece.value, section, [i + 1])}, ${side === "end" ? "after its end" : "before its beginning"}`,
      })),
    ),
  ),
);
const taken = computed(() => (bind.value?.around ?? []).map(key));
/** Those that are bound nowhere here yet, and the one that stands there. */
const choices = (at: number) =>
  ends.value.filter((end) => !taken.value.includes(end.key) || end.key === taken.value[at]);
const put = (around: Bind["around"][number][]) => bench.edit(bench.path("around"), around);
function told(end: string) {
  const [section, side, seat] = end.split(" ") as [string, "start" | "end", string];
  return { section, side, seat: Number(seat) };
}
const change = (at: number, end: string) =>
  put(bind.value!.around.map((one, i) => (i === at ? { ...one, ...told(end) } : one)));
function add() {
  const free = ends.value.find((end) => !taken.value.includes(end.key));
  const like = bind.value!.around.at(-1)!;
  if (free) void put([...bind.value!.around, { ...told(free.key), out: like.out }]);
}
const remove = (at: number) => put(bind.value!.around.filter((_, i) => i !== at));
</script>

<template>
  <p v-if="bind" class="sentence">
    <LiveCount :path="bench.path('wraps')" label="Wraps" /> {{ bind.wraps === 1 ? "wrap" : "wraps" }} of
    <LiveWire :wires="wires" name="Binding wire" /><template v-if="shared"> (<WireFrom />)</template> round
    <template v-for="(one, i) in bind.around" :key="key(one)"
      >{{ i === 0 ? "" : i === bind.around.length - 1 ? " and " : ", " }}
      <LiveChoice
        :value="key(one)"
        :options="choices(i)"
        :label="`Bound wire ${i + 1}`"
        @change="(end) => change(i, end)"
      />,
      <LiveSize :path="bench.path(`around/${i}/out`)" :label="`Bound wire ${i + 1}: how far out`" :by="0.5" />
      out<button
        v-if="bind.around.length > 1"
        type="button"
        class="unfold plain ms-1"
        :aria-label="`Remove bound wire ${i + 1}`"
        @click="remove(i)"
      >
        ×
      </button></template
    >.
    <button
      v-if="bind.around.length < MOST && taken.length < ends.length"
      type="button"
      class="unfold plain"
      @click="add"
    >
      Bind one more wire
    </button>
  </p>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import LiveSize from "../brief/LiveSize.vue";
import { SIDES } from "../choices/choices";
import { useSame } from "../common/useSame";
import type { Side } from "../document/routes";
import { type Formed, rowsOf, withPlace } from "./document";
import { goesAbout, rimOf, sidesOf, wiresBefore, withoutRim, withRim } from "./rim";
import RimWords from "./RimWords.vue";
import { type Edge, edgesBefore, sameEdge, withGathered } from "./ways";
import WiresCutBetween from "./WiresCutBetween.vue";

/** Where the section in hand stands, where there are several. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const index = computed(() => piece.value.sections.findIndex((one) => one.id === bench.hand.value));
const at = computed(() => (piece.value.sections[index.value] as Formed).at ?? { kind: "first" as const, turn: 0 });
const PLACES = [
  { key: "first", name: "by itself" },
  { key: "after", name: "on from" },
  { key: "gathered", name: "where others come together:" },
  { key: "beside", name: "beside" },
  { key: "centre", name: "on the centre of" },
  { key: "mirror", name: "as the mirror image of" },
  { key: "rim", name: "on the wire of" },
];
const HANDS = [
  { key: "left", name: "left" },
  { key: "right", name: "right" },
];
const earlier = useSame(() =>
  rowsOf(piece.value, index.value).map((id) => ({
    key: id,
    name: `section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
);
const SIDES_ON = [
  { key: "end", name: "the end of" },
  { key: "start", name: "the beginning of" },
];
const possible: Record<string, () => boolean> = {
  gathered: () => edges.value.length > 1,
  rim: () => wiresBefore(piece.value, index.value).length > 0,
};
const about = computed(() => goesAbout(piece.value, index.value));
const places = computed(() =>
  PLACES.filter(({ key }) => possible[key]?.() ?? true).map((one) =>
    one.key === "rim" ? { key: "rim", name: rimWords.value } : one,
  ),
);
/** What it stands on, as it stands, or as it would. */
const rimWords = computed(() => {
  if (about.value) return "round the ring of";
  const rim = at.value.kind === "rim" ? at.value.section : wires.value.at(-1)?.key;
  return `on the ${rim ? rimOf(piece.value, rim) : "wire"} of`;
});
const wires = useSame(() => earlier.value.filter(({ key }) => wiresBefore(piece.value, index.value).includes(key)));
const onto = computed(() => ("section" in at.value ? at.value.section : earlier.value.at(-1)?.key) ?? "");
const from = computed(() => (at.value.kind === "after" && at.value.from) || "end");
const place = (kind: string, id = onto.value, side: Side = from.value) => bench.change(placed(kind, id, side));
function placed(kind: string, id: string, side: Side) {
  if (kind === "rim") {
    const wire = wires.value.find(({ key }) => key === id) ?? wires.value.at(-1)!;
    return withRim(piece.value, index.value, wire.key);
  }
  const now = withoutRim(piece.value, index.value);
  return kind === "gathered"
    ? withGathered(now, index.value, gathered.value, bench.answer.value!.plan)
    : withPlace(now, index.value, kind, id, side);
}

/** What comes together: two ends at least; to begin with the last two that sections end in, or any. */
const gathered = computed<Edge[]>(() => {
  if (at.value.kind === "gathered") return at.value.ends;
  const ends = edges.value.filter((one) => one.side === "end");
  return (ends.length > 1 ? ends : edges.value).slice(-2);
});
const edges = computed(() => edgesBefore(piece.value, index.value, at.value.kind === "gathered" ? at.value.ends : []));
const edgeWords = ({ section, side }: Edge) =>
  `${side === "end" ? "end" : "beginning"} of section ${piece.value.sections.findIndex((one) => one.id === section) + 1}`;
const isIn = (edge: Edge) => gathered.value.some((one) => sameEdge(one, edge));
function toggle(edge: Edge) {
  const next = isIn(edge) ? gathered.value.filter((one) => !sameEdge(one, edge)) : [...gathered.value, edge];
  void bench.change(withGathered(piece.value, index.value, next, bench.answer.value!.plan));
}
</script>

<template>
  <template v-if="index > 0">
    Standing
    <LiveChoice :value="at.kind" :options="places" label="Where it stands" @change="(kind) => place(kind)" />
    <template v-if="'section' in at">
      {{ " "
      }}<template v-if="at.kind === 'after'"
        ><LiveChoice
          :value="from"
          :options="SIDES_ON"
          label="The end it goes on from"
          @change="(side) => place('after', onto, side as Side)"
        />{{ " " }}</template
      ><LiveChoice
        :value="onto"
        :options="at.kind === 'rim' ? wires : earlier"
        label="The section it stands on"
        @change="(id) => place(at.kind, id)"
      /> </template
    ><span v-else-if="at.kind === 'gathered'" class="d-inline-flex flex-wrap align-items-center gap-1 ms-1">
      <BButton
        v-for="edge in edges"
        :key="`${edge.section} ${edge.side}`"
        variant="outline-secondary"
        :pressed="isIn(edge)"
        :disabled="isIn(edge) ? gathered.length < 3 : gathered.length > 7"
        @click="toggle(edge)"
        >{{ edgeWords(edge) }}</BButton
      > </span
    ><template v-if="at.kind === 'after' || at.kind === 'gathered'"
      >, <LiveSize :path="bench.path('at/bare')" label="Bare wire before it" /> bare between<WiresCutBetween
        :index="index" /></template
    ><template v-else-if="at.kind === 'beside'"
      >, <LiveSize :path="bench.path('at/across')" label="Distance beside" :by="0.5" /> to its
      <LiveChoice
        :value="at.side"
        :options="SIDES"
        label="Side it stands on"
        @change="(key) => bench.edit(bench.path('at/side'), key)"
      />
      side, <LiveSize :path="bench.path('at/along')" label="Distance along" /> along</template
    ><template v-else-if="at.kind === 'mirror'"
      >, <LiveSize :path="bench.path('at/apart')" label="Distance from its mirror image" :by="0.5" unsaid="0 mm" /> to
      its
      <LiveChoice
        :value="at.to ?? 'left'"
        :options="HANDS"
        label="Side the mirror image is set to"
        @change="(key) => bench.edit(bench.path('at/to'), key)" /></template
    ><template v-else-if="at.kind === 'rim' && !about"
      >, <RimWords :wire="at.section" :side="at.side" :along="at.along ?? null" /></template
    ><template v-else-if="at.kind === 'rim'"
      >,
      <LiveChoice
        :value="at.side"
        :options="sidesOf(piece, at.section)"
        label="Which way its rounds go"
        @change="(key) => bench.edit(bench.path('at/side'), key)" /></template
    ><template v-if="'turn' in at"
      >, turned by <LiveCount :path="bench.path('at/turn')" label="Turned by" signed />°</template
    >:
  </template>
  <template v-else-if="piece.sections.length > 1 && 'turn' in at"
    >Turned by <LiveCount :path="bench.path('at/turn')" label="Turned by" signed />°:
  </template>
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import LiveWire from "../../brief/LiveWire.vue";
import { choices, mm, named } from "../../choices/choices";
import { useSame } from "../../common/useSame";
import { useUnfold } from "../../common/useUnfold";
import { alike } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import ExtentWords from "../../sections/ExtentWords.vue";
import FormParts from "../../sections/FormParts.vue";
import PlaceWords from "../../sections/PlaceWords.vue";
import StripFormWords from "../../sections/StripFormWords.vue";
import { useFormat } from "../../units/format";
import { cordsOf, crochet, heldOf, withFabric, withHeld, withKind } from "./crochet";
import FabricCollection from "./FabricCollection.vue";
import GaugeFine from "./GaugeFine.vue";
import RowsFine from "./RowsFine.vue";
import RoundsFine from "./RoundsFine.vue";
import WiresFine from "./WiresFine.vue";

/** A crocheted section as a sentence; less common choices unfold from the word they belong to. */
type Topic = "wires" | "rows" | "rounds" | "gauge" | "fabrics";
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const now = computed(() => crochet(piece.value, bench.hand.value));
const told = bench.crochet;
const { topic, unfold, fold } = useUnfold<Topic>();
const wires = useSame(() => baseOf(piece.value, bench.hand.value));
const allAlike = computed(() => alike(piece.value, wires.value));
const fabric = computed(() => now.value.fabric);
const said = computed(() => named(choices().fabrics, fabric.value.kind));
const kinds = computed(() => choices().fabrics);
const held = computed(() => heldOf(piece.value, bench.hand.value));
const HELD = ["1", "2", "3"].map((key) => ({ key, name: key === "1" ? "1 wire" : `${key} wires` }));
const counted = computed(() => {
  const { kind } = fabric.value;
  if (kind === "cord") return "chains";
  if (kind === "band" && fabric.value.lying === "along") return "stitches";
  return told.value && told.value.way !== "rows" ? "rounds" : "rows";
});
/** How wide it is: so many stitches, or as many as a size asks for. */
const across = computed(() => ("across" in fabric.value ? fabric.value.across : null));
const ACROSS = computed(() => {
  const what =
    fabric.value.kind === "tube"
      ? "stitches round"
      : now.value.fabric.kind === "band" && fabric.value.kind === "band" && fabric.value.lying === "along"
        ? "rows"
        : "stitches across";
  return [
    { key: "count", name: what },
    { key: "size", name: "wide" },
  ];
});
function measured(kind: string) {
  const wide = told.value ? (told.value.breadth ?? 6) : 6;
  const size = mm(Number((wide * (told.value?.gauge.stitch_mm ?? 3)).toFixed(1)));
  const next = kind === "count" ? { kind, count: Math.max(wide, 1) } : { kind, size };
  void bench.change(withFabric(piece.value, bench.hand.value, { ...fabric.value, across: next } as never));
}
const bends = computed(() => ["cord", "band", "tube"].includes(fabric.value.kind));
const cords = computed(() => cordsOf(fabric.value));
const least = computed(() => told.value?.wires[0]?.least_mm ?? null);
</script>

<template>
  <p class="sentence">
    <PlaceWords />
    <LiveChoice
      :value="String(held)"
      :options="HELD"
      label="Wires held together"
      @change="(count) => bench.change(withHeld(piece, bench.hand.value, Number(count)))"
    />{{ " " }}
    <button type="button" class="unfold" :aria-expanded="topic === 'wires'" @click="unfold('wires')">
      {{ now.turns ? "taken in turn" : held > 1 ? "held together" : "at a time" }}</button><template v-if="cords > 1"
      >, for each of {{ cords }} cords</template
    >, of
    <LiveWire v-if="allAlike" :wires="wires" name="Wire" />
    <template v-for="(wire, i) in allAlike ? [] : wires" :key="i"
      >{{ i ? (i === wires.length - 1 ? " and " : ", ") : "" }}<LiveWire :wires="[wire]" :name="`Wire ${i + 1}`"
    /></template>
    crocheted on a <LiveSize :path="bench.path('hook')" label="Hook" :by="0.25" />
    <button type="button" class="unfold" :aria-expanded="topic === 'gauge'" @click="unfold('gauge')">hook</button> to a
    <LiveChoice
      :value="fabric.kind"
      :options="kinds"
      label="Fabric"
      @change="(kind) => bench.change(withKind(piece, bench.hand.value, kind))"
    /><FormParts :parts="said.parts" :path="bench.path('fabric')" name="Fabric" /><template v-if="across"
      >,
      <LiveCount
        v-if="across.kind === 'count'"
        :path="bench.path('fabric/across/count')"
        label="Stitches across" /><LiveSize
        v-else
        :path="bench.path('fabric/across/size')"
        label="Width asked for"
        :by="1" />{{ " " }}
      <LiveChoice :value="across.kind" :options="ACROSS" label="How its width is said" @change="measured" /></template
    ><template v-if="fabric.kind === 'rows'"
      >,
      <button type="button" class="unfold" :aria-expanded="topic === 'rows'" @click="unfold('rows')">
        written stitch by stitch
      </button></template
    ><template v-if="['disc', 'oval', 'triangle'].includes(fabric.kind) && fabric.kind !== 'triangle'"
      >,
      <button type="button" class="unfold" :aria-expanded="topic === 'rounds'" @click="unfold('rounds')">
        {{ told?.begun.kind === "within" ? "narrowing" : "growing" }}
      </button></template
    >, <ExtentWords :of="counted" />,
    <button type="button" class="unfold plain" :aria-expanded="topic === 'fabrics'" @click="unfold('fabrics')">
      look at them all</button
    ><template v-if="bends">, <StripFormWords /></template>.
  </p>
  <p v-if="told" class="quiet figures">
    {{ told.counted }}, {{ told.stitches }} stitches, {{ format.length(told.woven_mm) }} long,
    {{ format.length(told.width_mm) }} wide<template v-if="told.left_mm !== null && Math.abs(told.left_mm) > 0.05"
      >: {{ format.length(Math.abs(told.left_mm)) }} {{ told.left_mm > 0 ? "short of" : "over" }} what was asked
      for</template
    >. Each wire takes {{ format.length(told.wires[0]!.run_mm)
    }}<template v-if="least !== null"
      >, {{ format.length(least) }} if drawn tight; assumed until a swatch says it</template
    ><template v-if="told.beads.length">; {{ told.beads.length }} beads</template>.
  </p>
  <div
    v-if="topic && topic !== 'fabrics'"
    class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg"
  >
    <WiresFine v-if="topic === 'wires'" />
    <GaugeFine v-else-if="topic === 'gauge'" />
    <RoundsFine v-else-if="topic === 'rounds'" />
    <RowsFine v-else />
    <BCloseButton aria-label="Fold away" @click="fold" />
  </div>
  <FabricCollection v-if="topic === 'fabrics'" @fold="fold" />
</template>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveWire from "../../brief/LiveWire.vue";
import { useSame } from "../../common/useSame";
import { useUnfold } from "../../common/useUnfold";
import { alike } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import ExtentWords from "../../sections/ExtentWords.vue";
import PlaceWords from "../../sections/PlaceWords.vue";
import { fromRim } from "../../sections/rim";
import StripFormWords from "../../sections/StripFormWords.vue";
import { useFormat } from "../../units/format";
import CordsFine from "./CordsFine.vue";
import { knotted, taken, withCords } from "./knot";
import KnotCollection from "./KnotCollection.vue";
import PatternFine from "./PatternFine.vue";
import SwatchFine from "./SwatchFine.vue";

/** A knotted section as a sentence; less common choices unfold from the word they belong to. */
type Topic = "cords" | "pattern" | "swatch" | "knots";
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const now = computed(() => knotted(piece.value, bench.hand.value));
const told = bench.knot;
const { topic, unfold, fold } = useUnfold<Topic>();
const wires = useSame(() => baseOf(piece.value, bench.hand.value));
const allAlike = computed(() => alike(piece.value, wires.value));
/** So many cords are named one by one. */
const NAMED = 12;
const MOST = 60;
const hung = computed(() => {
  if (!now.value.mount) return "side by side";
  return fromRim(piece.value, now.value.at) ?? (now.value.round ? "from a ring" : "from a bar");
});
const step = computed(() => (now.value.mount ? 2 : 1));
const counts = computed(() =>
  Array.from({ length: MOST / step.value }, (_, i) => (i + 1) * step.value)
    .filter((count) => count > 1)
    .map((count) => ({ key: String(count), name: `${count} cords` })),
);
const least = computed(() => Math.max(...now.value.rows.map(taken)));
const longest = computed(() => told.value?.wires.reduce((one, two) => (two.run_mm > one.run_mm ? two : one)));
const shortest = computed(() => told.value?.wires.reduce((one, two) => (two.run_mm < one.run_mm ? two : one)));
</script>

<template>
  <p class="sentence">
    <PlaceWords />
    <LiveChoice
      :value="String(wires.length)"
      :options="counts"
      label="Cords"
      @change="(count) => bench.change(withCords(piece, bench.hand.value, Number(count)))"
    />
    of
    <LiveWire v-if="allAlike || wires.length > NAMED" :wires="wires" name="Cord" cord />
    <template v-for="(wire, i) in allAlike || wires.length > NAMED ? [] : wires" :key="i"
      >{{ i ? (i === wires.length - 1 ? " and " : ", ") : "" }}<LiveWire :wires="[wire]" :name="`Cord ${i + 1}`" cord
    /></template>
    hung
    <button type="button" class="unfold" :aria-expanded="topic === 'cords'" @click="unfold('cords')">
      {{ hung }}</button>, knotted in
    <button type="button" class="unfold" :aria-expanded="topic === 'pattern'" @click="unfold('pattern')">
      {{ now.rows.length === 1 ? "one row" : `${now.rows.length} rows` }}</button>, <ExtentWords of="times" />,
    <button type="button" class="unfold plain" :aria-expanded="topic === 'knots'" @click="unfold('knots')">
      look at them all</button
    >,
    <button v-if="now.round" type="button" class="unfold" :aria-expanded="topic === 'cords'" @click="unfold('cords')">
      closed round {{ now.round.across.typed }} by {{ now.round.deep.typed }}</button
    ><StripFormWords v-else />.
  </p>
  <p v-if="told" class="quiet figures">
    {{ told.counted }}, {{ format.length(told.woven_mm) }} long, {{ format.length(told.width_mm) }} wide<template
      v-if="told.round_mm"
      >, {{ format.length(told.round_mm) }} round</template
    >. Cord {{ longest!.cord }} takes most, {{ format.length(longest!.run_mm) }}; cord {{ shortest!.cord }} least,
    {{ format.length(shortest!.run_mm)
    }}<template v-if="told.assumed"
      >; assumed until
      <button type="button" class="unfold" :aria-expanded="topic === 'swatch'" @click="unfold('swatch')">
        a swatch
      </button>
      says it</template
    ><template v-else
      >, by
      <button type="button" class="unfold" :aria-expanded="topic === 'swatch'" @click="unfold('swatch')">
        a swatch
      </button></template
    ><template v-if="least < wires.length">; {{ wires.length - least }} of the cords hang free</template>.
  </p>
  <div
    v-if="topic && topic !== 'knots'"
    class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg"
  >
    <CordsFine v-if="topic === 'cords'" />
    <SwatchFine v-else-if="topic === 'swatch'" />
    <PatternFine v-else />
    <BCloseButton aria-label="Fold away" @click="fold" />
  </div>
  <KnotCollection v-if="topic === 'knots'" @fold="fold" />
</template>

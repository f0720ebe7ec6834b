<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveSize from "../../brief/LiveSize.vue";
import LiveWire from "../../brief/LiveWire.vue";
import { choices, formsFor, named } from "../../choices/choices";
import { article } from "../../common/article";
import { useSame } from "../../common/useSame";
import { useUnfold } from "../../common/useUnfold";
import { alike } from "../../document/kinds";
import { baseOf } from "../../document/routes";
import ExtentWords from "../../sections/ExtentWords.vue";
import FormParts from "../../sections/FormParts.vue";
import PlaceWords from "../../sections/PlaceWords.vue";
import { useFormat } from "../../units/format";
import { braid, edge, LEAST_STRANDS, MOST_STRANDS, stitches, withForm, withStrandCount } from "./braid";
import BraidCollection from "./BraidCollection.vue";
import PullFine from "./PullFine.vue";
import SchemeFine from "./SchemeFine.vue";
import StrandFine from "./StrandFine.vue";

/** A braided section as a sentence; less common choices unfold from the word they belong to. */
type Topic = "strands" | "scheme" | "pull" | "braids";
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const now = computed(() => braid(piece.value, bench.hand.value));
const told = bench.braid;
const { topic, unfold, fold } = useUnfold<Topic>();
const wires = useSame(() => baseOf(piece.value, bench.hand.value));
const allAlike = computed(() => alike(piece.value, wires.value));
const form = computed(() => now.value.form?.kind ?? "straight");
const flat = computed(() => now.value.scheme.kind === "flat");
const counts = Array.from({ length: MOST_STRANDS - LEAST_STRANDS + 1 }, (_, i) => String(LEAST_STRANDS + i)).map(
  (key) => ({ key, name: key }),
);
const forms = computed(() => formsFor(piece.value.worn, choices().braid_forms, form.value));
/** What each strand holds, where that is more than one wire. */
const held = computed(() => {
  const words = [...new Set(told.value?.strands.map((one) => one.words) ?? [])];
  return words.length === 1 && words[0] !== "one wire" ? `, each ${words[0]}` : "";
});
const bareNow = computed(() => {
  const [asked, planned] = [bench.read(bench.path("bare/length"))?.mm, told.value?.bare_mm];
  return asked === undefined || planned === undefined || Math.abs(planned - asked) < 0.05 ? "" : format.length(planned);
});
</script>

<template>
  <p class="sentence">
    <PlaceWords />
    <LiveChoice
      :value="String(now.strands.length)"
      :options="counts"
      label="Number of strands"
      @change="(count) => bench.change(withStrandCount(piece, bench.hand.value, Number(count)))"
    />{{ " " }}
    <button type="button" class="unfold" :aria-expanded="topic === 'strands'" @click="unfold('strands')">strands</button
    >{{ held }} of
    <LiveWire v-if="allAlike" :wires="wires" name="Strands" cord />
    <template v-for="(wire, i) in allAlike ? [] : wires" :key="i"
      >{{ i ? (i === wires.length - 1 ? " and " : ", ") : "" }}<LiveWire :wires="[wire]" :name="`Wire ${i + 1}`" cord
    /></template>
    <button type="button" class="unfold" :aria-expanded="topic === 'scheme'" @click="unfold('scheme')">
      {{ flat ? "braided flat, over and under" : "braided crossing by crossing"
      }}{{ edge(now.scheme) === "far" ? " from the far edge" : "" }}</button
    >,
    <button type="button" class="unfold plain" :aria-expanded="topic === 'braids'" @click="unfold('braids')">
      look at them all</button
    >,
    <button type="button" class="unfold" :aria-expanded="topic === 'pull'" @click="unfold('pull')">drawn down</button>
    <template v-if="told"> to {{ format.length(told.pitch_mm) }} a {{ stitches(told.flat, 1) }}</template
    >, <ExtentWords :of="stitches(flat)" />,
    {{ form === "straight" ? "left a" : `bent to ${article(named(forms, form).name)}` }}
    <LiveChoice
      :value="form"
      :options="forms"
      label="Form"
      @change="(kind) => bench.change(withForm(piece, bench.hand.value, kind, told?.woven_mm ?? 100))"
    /><FormParts :parts="named(forms, form).parts" :path="bench.path('form')" />, with
    <LiveSize :path="bench.path('bare/length')" label="Unbraided at each end" /> unbraided at each end<template
      v-if="bareNow"
    >
      (<b class="figures">{{ bareNow }}</b> as it comes out)</template
    >.
  </p>
  <p v-if="told" class="quiet figures">
    Each strand takes {{ format.length(Math.max(...told.strands.map((one) => one.run_mm))) }} in the braid,
    {{ told.take_up.toFixed(2) }} times its length<template v-if="told.assumed"
      >, as far as one can tell without a swatch</template
    ><template v-if="told.curve"
      >; its beads curve it on a radius of {{ format.length(told.curve.radius_mm) }},
      {{ format.length(told.curve.chord_mm) }} straight across, dropping
      {{ format.length(told.curve.drop_mm) }}</template
    >. They leave in the order {{ told.orders[0]!.join(", ") }} from the left; after one
    {{ stitches(told.flat, 1) }} more it would be {{ told.orders[1]!.join(", ") }}.
  </p>
  <div
    v-if="topic && topic !== 'braids'"
    class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg"
  >
    <StrandFine v-if="topic === 'strands'" />
    <SchemeFine v-else-if="topic === 'scheme'" />
    <PullFine v-else />
    <BCloseButton aria-label="Fold away" @click="fold" />
  </div>
  <BraidCollection v-if="topic === 'braids'" @fold="fold" />
</template>

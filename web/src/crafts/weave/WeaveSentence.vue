<script setup lang="ts">
import { computed, ref } from "vue";
import { useUnfold } from "../../common/useUnfold";
import { isStrip } from "../../bench/kinds";
import { useBench } from "../../bench/useBench";
import { section, strandsOf } from "../../bench/weave";
import BaseCount from "../../brief/BaseCount.vue";
import FinePrint, { type Topic } from "../../brief/FinePrint.vue";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveSize from "../../brief/LiveSize.vue";
import LiveWire from "../../brief/LiveWire.vue";
import PatternWords from "../../brief/PatternWords.vue";
import { choices, formsFor, isFrame, named } from "../../choices/choices";
import { article } from "../../common/article";
import { useSame } from "../../common/useSame";
import { alike } from "../../document/kinds";
import { baseOf, workingOf } from "../../document/routes";
import { withForm } from "../../sections/document";
import ExtentWords from "../../sections/ExtentWords.vue";
import FormParts from "../../sections/FormParts.vue";
import PlaceWords from "../../sections/PlaceWords.vue";
import { useFormat } from "../../units/format";
import WeaveCollection from "../../weaves/WeaveCollection.vue";

/** A woven section as a sentence; less common choices unfold from the word they belong to. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const now = computed(() => section(piece.value, bench.hand.value));
const index = computed(() => piece.value.sections.indexOf(now.value));
const { topic, unfold, fold } = useUnfold<Topic | "weaves">();

const form = computed(() => now.value.form?.kind ?? "straight");
/** A piece that is one straight strip is bent to what it is worn on. */
const bent = computed(() => !isStrip(bench.catalogue.value!, piece.value));
const bases = useSame(() => baseOf(piece.value, bench.hand.value));
const weavings = useSame(() => workingOf(piece.value, bench.hand.value));
/** Two that are laid as one of a kind are said once. */
const weaving = computed(() =>
  strandsOf(piece.value, bench.hand.value) === "doubled" ? weavings.value.slice(0, 1) : weavings.value,
);
/** All base wires of one kind are said once; two that differ are both in the sentence, more of them in the fine print. */
const allAlike = computed(() => alike(piece.value, bases.value));
const apart = ref(false);
/** What bare ends come to, where they give and that is not what stands there. */
const bareNow = computed(() => {
  const [asked, planned] = [bench.read(bench.path("bare/length"))?.mm, bench.strip.value?.bare_mm];
  if (asked === undefined || planned === undefined || Math.abs(planned - asked) < 0.05) return "";
  return format.length(planned);
});
</script>

<template>
  <p class="sentence">
    <PlaceWords />
    <BaseCount />{{ " " }}
    <button type="button" class="unfold" :aria-expanded="topic === 'base'" @click="unfold('base')">
      {{ allAlike || bases.length < 3 ? "" : "different " }}base {{ bases.length === 1 ? "wire" : "wires" }}
    </button>
    <template v-if="allAlike && !apart">
      of <LiveWire :wires="bases" name="Base wires" /><template v-if="bases.length === 2">
        (<button type="button" class="unfold plain" @click="apart = true">alike</button>)</template
      >
    </template>
    <template v-else-if="bases.length === 2">
      of <LiveWire :wires="[bases[0]!]" name="Near base wire" /> near and
      <LiveWire :wires="[bases[1]!]" name="Far base wire" /> far</template
    ><template v-if="bent"
      >, bent to {{ article(named(choices().forms, form).name) }}
      <LiveChoice
        :value="form"
        :options="formsFor(piece.worn, choices().forms, form)"
        label="Form"
        @change="(kind) => bench.change(withForm(piece, index, kind))" /><FormParts
        :parts="named(choices().forms, form).parts"
        :path="bench.path('form')" /></template
    >,
    <button type="button" class="unfold" :aria-expanded="topic === 'weaving'" @click="unfold('weaving')">bound</button>
    with <LiveWire :wires="[weaving[0]!]" name="Weaving wire" />
    <template v-if="weaving.length === 2"> and <LiveWire :wires="[weaving[1]!]" name="Second weaving wire" /></template>
    in <PatternWords @look="unfold('weaves')" /> <ExtentWords />,
    <template v-if="!isFrame(now)">
      with <LiveSize :path="bench.path('bare/length')" label="Bare at each end" /> bare at each end<template
        v-if="bareNow"
      >
        (<b class="figures">{{ bareNow }}</b> as it comes out)</template
      >,
    </template>
    <button type="button" class="unfold" :aria-expanded="topic === 'coils'" @click="unfold('coils')">
      starting and ending</button
    ><template v-if="now.pattern.kind === 'coils'"> on single coils</template>.
  </p>
  <FinePrint v-if="topic && topic !== 'weaves'" :topic="topic" @fold="fold" />
  <WeaveCollection v-if="topic === 'weaves'" @fold="fold" />
</template>

<script setup lang="ts">
import { useStorage } from "@vueuse/core";
import { computed, defineAsyncComponent, ref, useTemplateRef } from "vue";
import { useRoute } from "vue-router";
import FinishedPanel from "../finished/FinishedPanel.vue";
import WornPanel from "../finished/WornPanel.vue";
import { useCommands } from "../keys/commands";
import BraidStage from "../crafts/braid/BraidStage.vue";
import CrochetStage from "../crafts/crochet/CrochetStage.vue";
import KnotStage from "../crafts/knot/KnotStage.vue";
import SectionStrip from "../sections/SectionStrip.vue";
import { usePicture } from "../strip/usePicture";
import { AT_REST, type StageView, stageViews } from "./stageViews";
import TheTemplate from "./TheTemplate.vue";
import { useBench } from "./useBench";

const WholeSpace = defineAsyncComponent(() => import("../space/WholeSpace.vue"));

/** The piece to scale, always in view: finished, or the section in hand as a strip, being made, pointed at, in space. */
const bench = useBench();
const plan = computed(() => bench.answer.value!.plan);
const number = computed(() => plan.value.sections.findIndex((one) => one.id === bench.hand.value) + 1);
/** The craft of the section in hand, where that is no strip. */
const craft = computed(() =>
  bench.braid.value ? "braid" : bench.crochet.value ? "crochet" : bench.knot.value ? "knot" : null,
);
const tabs = computed(() => stageViews(plan.value, bench.strip.value ?? null, craft.value));

const rest = useStorage<StageView>("meander-stage", "finished");
const practise = useRoute().query.practise;
const doing = ref<StageView | null>(practise === undefined ? null : "made");
if (practise) bench.choose(String(practise));
const possible = (key: StageView) => tabs.value.some((tab) => tab.key === key && !tab.off);
/** A piece that is one strip is first seen as that strip. */
const touched = useStorage("meander-stage-chosen", false);
const shown = computed<StageView>(() => {
  if (doing.value && possible(doing.value)) return doing.value;
  const wanted = plan.value.strip && !touched.value ? "strip" : rest.value;
  return possible(wanted) ? wanted : tabs.value.find((tab) => !tab.off)!.key;
});
function show(view: StageView) {
  if (!AT_REST.includes(view)) doing.value = view;
  else {
    doing.value = null;
    touched.value = true;
    rest.value = view;
  }
}
/** What was being done is put away: back to the strip, without it being chosen for all pieces. */
function put() {
  doing.value = possible("strip") ? "strip" : craft.value ? "walk" : null;
}
/** All of the piece in space, where the section in hand is nothing to be seen by itself. */
const onlyWhole = computed(() => shown.value === "space" && !bench.strip.value && !craft.value);
const onStrip = computed(() => ["strip", "walk", "made", "point", "space"].includes(shown.value) && !onlyWhole.value);
const picture = usePicture(
  computed(() => (shown.value === "finished" ? (plan.value.strip ?? undefined) : undefined)),
  () => void bench.replan(),
);
const seen = useTemplateRef<{ turn?: () => void }>("seen");
const turn = () => seen.value?.turn?.();
useCommands(() => [
  ...tabs.value.map(({ key, name, press, off }) => ({ words: `See: ${name}`, key: press, run: () => show(key), off })),
  { words: "Turn it over", key: "f", run: turn },
]);
</script>

<template>
  <section class="stage d-flex flex-column" data-part="stage" aria-label="The stage">
    <div class="d-flex align-items-end">
      <BNav
        tabs
        class="stage-tabs flex-fill flex-nowrap overflow-x-auto overflow-y-hidden text-nowrap"
        role="tablist"
        aria-label="What is shown"
      >
        <li v-for="tab in tabs" :key="tab.key" class="nav-item" role="presentation">
          <button
            type="button"
            class="nav-link"
            role="tab"
            :class="{ active: shown === tab.key }"
            :aria-selected="shown === tab.key"
            :aria-disabled="tab.off ? true : undefined"
            :disabled="Boolean(tab.off)"
            :title="tab.off || tab.press"
            @click="show(tab.key)"
          >
            {{ tab.name }}
          </button>
        </li>
      </BNav>
      <span v-if="onStrip && plan.sections.length > 1" class="quiet px-2 pb-2 text-nowrap">section {{ number }}</span>
    </div>
    <BraidStage v-if="onStrip && craft === 'braid'" :view="shown as never" @close="put" />
    <CrochetStage v-else-if="onStrip && craft === 'crochet'" :view="shown as never" @close="put" />
    <KnotStage v-else-if="onStrip && craft === 'knot'" :view="shown as never" @close="put" />
    <section v-else-if="onlyWhole" class="panel" aria-label="The piece in space"><WholeSpace /></section>
    <SectionStrip v-else-if="onStrip" :key="bench.hand.value" ref="seen" :view="shown as never" @view="put" />
    <TheTemplate v-else-if="shown === 'template'" ref="seen" />
    <WornPanel v-else-if="plan.strip" :picture="picture" :round="plan.worn!" :title="bench.draft.value!.name" />
    <FinishedPanel
      v-else
      ref="seen"
      :plan="plan"
      :title="bench.draft.value!.name"
      :section="plan.sections.length > 1 ? bench.hand.value : null"
      @stale="bench.replan"
      @choose="bench.choose"
    />
  </section>
</template>

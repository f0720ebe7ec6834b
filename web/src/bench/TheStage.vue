<script setup lang="ts">
import { useLocalStorage } from "@vueuse/core";
import { computed, nextTick, ref } from "vue";
import FinishedPanel from "../finished/FinishedPanel.vue";
import SectionStrip from "../sections/SectionStrip.vue";
import { useBench } from "./useBench";

/** The piece to scale, always in view: finished, or the section in hand as a strip. A piece that is one strip is seen as that strip. */
const bench = useBench();
const plan = computed(() => bench.answer.value!.plan);
const view = useLocalStorage<"finished" | "strip">("meander-stage", "finished");
const number = computed(() => plan.value.sections.findIndex((one) => one.id === bench.hand.value) + 1);
const woven = computed(() => Boolean(bench.strip.value));
const shown = computed(() => (plan.value.strip || (view.value === "strip" && woven.value) ? "strip" : "finished"));
const strip = ref<InstanceType<typeof SectionStrip> | null>(null);
const finished = ref<InstanceType<typeof FinishedPanel> | null>(null);

/** What is done to the strip brings it on. */
async function onStrip(act: "showWalk" | "watchIt" | "pointAt" | "showSpace") {
  if (woven.value) view.value = "strip";
  await nextTick();
  strip.value?.panel?.[act]();
}
const turn = () => (shown.value === "strip" ? strip.value?.panel?.turn() : finished.value?.turn());
defineExpose({ turn, onStrip });
</script>

<template>
  <section class="stage" data-part="stage" aria-label="The stage">
    <div v-if="!plan.strip" class="choice stage-views" role="group" aria-label="What is shown">
      <button type="button" :aria-pressed="shown === 'finished'" @click="view = 'finished'">Finished</button>
      <button type="button" :aria-pressed="shown === 'strip'" :disabled="!woven" @click="view = 'strip'">
        {{ plan.sections.length > 1 ? `Section ${number} as a strip` : "As a strip" }}
      </button>
    </div>
    <FinishedPanel
      v-if="shown === 'finished'"
      ref="finished"
      :plan="plan"
      :title="bench.draft.value!.name"
      :section="plan.sections.length > 1 ? bench.hand.value : null"
      @stale="bench.replan"
    />
    <SectionStrip v-else :key="bench.hand.value" ref="strip" />
  </section>
</template>

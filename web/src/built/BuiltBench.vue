<script setup lang="ts">
import { computed, ref } from "vue";
import AdviceList from "../answers/AdviceList.vue";
import FaultList from "../answers/FaultList.vue";
import { useBench } from "../bench/useBench";
import NotesPanel from "../bench/NotesPanel.vue";
import BeadsPanel from "../beads/BeadsPanel.vue";
import BuiltAnswers from "./BuiltAnswers.vue";
import BuiltBrief from "./BuiltBrief.vue";
import CutBars from "./CutBars.vue";
import FinishedPanel from "./FinishedPanel.vue";
import OrderPanel from "../answers/OrderPanel.vue";
import SectionStrip from "./SectionStrip.vue";
import WeavingCuts from "./WeavingCuts.vue";

/** A piece put together from sections: its sentences, its finished picture, the section on the bench, its wires and its order of work. */
const bench = useBench();
const built = computed(() => bench.answer.value!.built!);
const chosen = ref<string | null>(null);
const current = computed(() => {
  const ids = bench.draft.value!.sections.map((one) => one.id);
  return chosen.value !== null && ids.includes(chosen.value) ? chosen.value : ids[0]!;
});
const section = computed(() => built.value.sections.find((one) => one.id === current.value));
const number = computed(() => built.value.sections.findIndex((one) => one.id === current.value) + 1);
const finished = ref<InstanceType<typeof FinishedPanel> | null>(null);
const strip = ref<InstanceType<typeof SectionStrip> | null>(null);
const panel = () => strip.value?.panel;
defineExpose({
  turn: () => finished.value?.turn(),
  showWalk: () => panel()?.showWalk(),
  watchIt: () => panel()?.watchIt(),
  pointAt: () => panel()?.pointAt(),
  showSpace: () => panel()?.showSpace(),
});
</script>

<template>
  <BuiltBrief :current="current" @choose="(id) => (chosen = id)" />
  <FaultList />
  <AdviceList which="urgent" />
  <FinishedPanel
    ref="finished"
    :built="built"
    :title="bench.draft.value!.name"
    :section="built.sections.length > 1 ? chosen : null"
    @stale="bench.replan"
  />
  <SectionStrip v-if="section?.plan" :id="current" :key="current" ref="strip" :number="number" />
  <BeadsPanel :beads="built.beads" :own="built.own" :pieces="built.pieces" />
  <div class="bench-lower" :class="{ stale: bench.faults.value.length }">
    <div class="bench-side">
      <section class="panel wires" aria-label="Wires to cut">
        <header class="panel-head">
          <h2>
            Wires to cut
            <small>{{ built.pieces === 2 ? "for each of the two, marks" : "marks" }} from the left end</small>
          </h2>
        </header>
        <CutBars :built="built" />
        <WeavingCuts :built="built" />
      </section>
      <OrderPanel :order="built.order" />
    </div>
    <div class="bench-side">
      <BuiltAnswers :built="built" />
      <AdviceList which="rest" />
      <NotesPanel />
    </div>
  </div>
</template>

<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from "vue";
import { RouterLink, useRouter } from "vue-router";
import AdviceList from "../answers/AdviceList.vue";
import AnswersPanel from "../answers/AnswersPanel.vue";
import FaultList from "../answers/FaultList.vue";
import OrderPanel from "../answers/OrderPanel.vue";
import { api } from "../api/client";
import BeadsPanel from "../beads/BeadsPanel.vue";
import TheBrief from "../brief/TheBrief.vue";
import FinishedPanel from "../finished/FinishedPanel.vue";
import SectionStrip from "../sections/SectionStrip.vue";
import WiresPanel from "../wires/WiresPanel.vue";
import BenchHead from "./BenchHead.vue";
import ConflictDialog from "./ConflictDialog.vue";
import NotesPanel from "./NotesPanel.vue";
import PlannedAnew from "./PlannedAnew.vue";
import { createBench, provideBench } from "./useBench";

/** One piece on the bench: the brief, its pictures, the wires and the answers, all of them following each other. */
const props = defineProps<{ id: string }>();

const router = useRouter();
const bench = createBench(props.id);
provideBench(bench);
const plan = computed(() => bench.answer.value?.plan);
const finished = ref<InstanceType<typeof FinishedPanel> | null>(null);
const strip = ref<InstanceType<typeof SectionStrip> | null>(null);

/** Both versions stay: this tab's becomes a piece of its own. */
async function keepBoth() {
  const { mine } = bench.saving.conflict.value!;
  const copy = await api.create({ ...mine, name: `${mine.name.slice(0, 100)} (mine)` });
  bench.saving.settled();
  await router.push(`/pieces/${copy.id}`);
}

/** Single keys, while nothing is typed. */
const panel = () => strip.value?.panel;
const KEYS: Record<string, () => void> = {
  f: () => (finished.value ?? panel())?.turn(),
  w: () => panel()?.showWalk(),
  m: () => panel()?.watchIt(),
  p: () => panel()?.pointAt(),
  s: () => panel()?.showSpace(),
};

function undoOrRedo(event: KeyboardEvent) {
  event.preventDefault();
  if (event.key.toLowerCase() === "y" || event.shiftKey) bench.redo();
  else bench.undo();
}
function key(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLElement && event.target.matches("input, select, textarea");
  if (event.ctrlKey || event.metaKey) {
    if (/^[zy]$/i.test(event.key)) undoOrRedo(event);
  } else if (!typing) KEYS[event.key]?.();
}
onMounted(() => {
  addEventListener("keydown", key);
  void bench.open();
});
onBeforeUnmount(() => removeEventListener("keydown", key));
</script>

<template>
  <main v-if="plan" class="bench" :class="{ built: !plan.strip }">
    <BenchHead />
    <p v-if="bench.trouble.value" class="trouble" role="alert">{{ bench.trouble.value }}</p>
    <PlannedAnew />
    <TheBrief />
    <FaultList />
    <AdviceList which="urgent" />
    <FinishedPanel
      v-if="!plan.strip"
      ref="finished"
      :plan="plan"
      :title="bench.draft.value!.name"
      :section="plan.sections.length > 1 ? bench.hand.value : null"
      @stale="bench.replan"
    />
    <SectionStrip v-if="bench.strip.value" :key="bench.hand.value" ref="strip" />
    <BeadsPanel :beads="plan.beads" :own="plan.own" :pieces="plan.pieces" />
    <div class="bench-lower" :class="{ stale: bench.faults.value.length }">
      <div class="bench-side">
        <WiresPanel :plan="plan" />
        <OrderPanel :order="plan.order" />
      </div>
      <div class="bench-side">
        <AnswersPanel />
        <AdviceList which="rest" />
        <NotesPanel />
      </div>
    </div>
    <ConflictDialog @both="keepBoth" />
  </main>
  <main v-else class="waiting">
    <p v-if="bench.trouble.value" role="alert">
      {{ bench.trouble.value }}. <RouterLink to="/">Back to the shelf</RouterLink>
    </p>
    <p v-else role="status">Laying out the piece…</p>
  </main>
</template>

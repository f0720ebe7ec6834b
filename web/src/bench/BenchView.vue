<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from "vue";
import { RouterLink, useRouter } from "vue-router";
import AdviceList from "../answers/AdviceList.vue";
import AnswersPanel from "../answers/AnswersPanel.vue";
import CutTally from "../answers/CutTally.vue";
import FaultList from "../answers/FaultList.vue";
import OrderPanel from "../answers/OrderPanel.vue";
import { api } from "../api/client";
import BeadsPanel from "../beads/BeadsPanel.vue";
import TheBrief from "../brief/TheBrief.vue";
import WiresPanel from "../wires/WiresPanel.vue";
import BenchHead from "./BenchHead.vue";
import ConflictDialog from "./ConflictDialog.vue";
import NotesPanel from "./NotesPanel.vue";
import PlannedAnew from "./PlannedAnew.vue";
import TheStage from "./TheStage.vue";
import { createBench, provideBench } from "./useBench";

/** One piece on the bench: the brief, its pictures, the wires and the answers, all of them following each other. */
const props = defineProps<{ id: string }>();

const router = useRouter();
const bench = createBench(props.id);
provideBench(bench);
const plan = computed(() => bench.answer.value?.plan);
const stage = ref<InstanceType<typeof TheStage> | null>(null);

/** Both versions stay: this tab's becomes a piece of its own. */
async function keepBoth() {
  const { mine } = bench.saving.conflict.value!;
  const copy = await api.create({ ...mine, name: `${mine.name.slice(0, 100)} (mine)` });
  bench.saving.settled();
  await router.push(`/pieces/${copy.id}`);
}

/** Single keys, while nothing is typed. */
const KEYS: Record<string, () => void> = {
  f: () => stage.value?.turn(),
  w: () => void stage.value?.onStrip("showWalk"),
  m: () => void stage.value?.onStrip("watchIt"),
  p: () => void stage.value?.onStrip("pointAt"),
  s: () => void stage.value?.onStrip("showSpace"),
};

/** What stands below the brief, to go to. */
const PARTS = [
  { id: "part-brief", name: "Brief" },
  { id: "part-beads", name: "Beads" },
  { id: "part-wires", name: "Wires" },
  { id: "part-order", name: "Order of work" },
  { id: "part-notes", name: "Notes" },
];
const goTo = (id: string) => document.getElementById(id)?.scrollIntoView({ block: "start" });

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
  <main v-if="plan" class="bench">
    <div class="bench-top">
      <BenchHead />
      <p v-if="bench.trouble.value" class="trouble" role="alert">{{ bench.trouble.value }}</p>
      <PlannedAnew />
    </div>
    <TheStage ref="stage" />
    <aside class="tally" data-part="tally" aria-label="The tally" :class="{ stale: bench.faults.value.length }">
      <AdviceList which="urgent" />
      <CutTally :plan="plan" />
      <AnswersPanel />
      <AdviceList which="rest" />
    </aside>
    <div class="work" data-part="brief">
      <nav class="work-parts" aria-label="Parts of the bench">
        <button v-for="part in PARTS" :key="part.id" type="button" @click="goTo(part.id)">{{ part.name }}</button>
      </nav>
      <div class="work-scroll">
        <FaultList />
        <TheBrief id="part-brief" />
        <BeadsPanel id="part-beads" :beads="plan.beads" :own="plan.own" :pieces="plan.pieces" />
        <WiresPanel id="part-wires" :plan="plan" />
        <OrderPanel id="part-order" :order="plan.order" />
        <NotesPanel id="part-notes" />
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

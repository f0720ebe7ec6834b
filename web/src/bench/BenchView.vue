<script setup lang="ts">
import { useEventListener, useStorage } from "@vueuse/core";
import { computed, onMounted } from "vue";
import { RouterLink, useRouter } from "vue-router";
import AdviceList from "../answers/AdviceList.vue";
import AnswersPanel from "../answers/AnswersPanel.vue";
import CutTally from "../answers/CutTally.vue";
import FaultList from "../answers/FaultList.vue";
import OrderPanel from "../order/OrderPanel.vue";
import { api } from "../api/client";
import BeadsPanel from "../beads/BeadsPanel.vue";
import TheBrief from "../brief/TheBrief.vue";
import SiteBar from "../common/SiteBar.vue";
import { useCommands } from "../keys/commands";
import WiresPanel from "../wires/WiresPanel.vue";
import BenchHead from "./BenchHead.vue";
import ConflictDialog from "./ConflictDialog.vue";
import NotesPanel from "./NotesPanel.vue";
import PlannedAnew from "./PlannedAnew.vue";
import TheStage from "./TheStage.vue";
import { createBench, provideBench } from "./useBench";

/** One piece on the bench: its picture on the stage, what to cut in the tally, and one of its parts at a time to work on. */
const props = defineProps<{ id: string }>();

const router = useRouter();
const bench = createBench(props.id);
provideBench(bench);
const plan = computed(() => bench.answer.value?.plan);

/** Both versions stay: this tab's becomes a piece of its own. */
async function keepBoth() {
  const { mine } = bench.saving.conflict.value!;
  const copy = await api.create({ ...mine, name: `${mine.name.slice(0, 100)} (mine)` });
  bench.saving.settled();
  bench.drafts.drop();
  await router.push(`/pieces/${copy.id}`);
}

/** What is worked on below the stage, one at a time; the same for every piece. */
const PARTS = [
  { id: "brief", name: "Brief", key: "b" },
  { id: "beads", name: "Beads", key: "e" },
  { id: "wires", name: "Wires", key: "r" },
  { id: "order", name: "Order of work", key: "o" },
  { id: "notes", name: "Notes", key: "u" },
];
const kept = useStorage("meander-part", "brief");
const part = computed({
  get: () => (PARTS.some((one) => one.id === kept.value) ? kept.value : "brief"),
  set: (id) => (kept.value = id),
});

function takeHand(by: 1 | -1) {
  const { sections } = bench.draft.value!;
  const at = sections.findIndex((one) => one.id === bench.hand.value);
  bench.choose(sections[(at + by + sections.length) % sections.length]!.id);
}
useCommands(() => {
  if (!plan.value) return [];
  const many = bench.draft.value!.sections.length > 1;
  return [
    ...PARTS.map(({ id, name, key }) => ({ words: `Work on: ${name}`, key, run: () => (part.value = id) })),
    { words: "Undo", run: bench.undo, off: !bench.canUndo.value && "nothing to undo" },
    { words: "Redo", run: bench.redo, off: !bench.canRedo.value && "nothing to redo" },
    ...(many
      ? [
          { words: "Take the next section in hand", key: "]", run: () => takeHand(1) },
          { words: "Take the section before in hand", key: "[", run: () => takeHand(-1) },
        ]
      : []),
  ];
});
/** In a text that was just typed Ctrl Z takes back what was typed; anywhere else, the last change of the piece. */
let typedIn: EventTarget | null = null;
useEventListener("focusin", () => (typedIn = null));
useEventListener("input", ({ target }) => (typedIn = target));
useEventListener("keydown", (event: KeyboardEvent) => {
  if (typedIn && typedIn === event.target && (event.target as HTMLElement).matches("input[type=text], textarea"))
    return;
  if (!(event.ctrlKey || event.metaKey) || !/^[zy]$/i.test(event.key)) return;
  event.preventDefault();
  if (event.key.toLowerCase() === "y" || event.shiftKey) bench.redo();
  else bench.undo();
});
onMounted(() => void bench.open());
</script>

<template>
  <div v-if="plan" class="bench d-flex flex-column">
    <SiteBar class="bench-top" @said="bench.replan"><BenchHead /></SiteBar>
    <main class="bench-panes flex-fill w-100 mx-auto px-3 pb-2 d-grid">
      <h1 class="visually-hidden">{{ bench.draft.value!.name }}</h1>
      <TheStage />
      <aside
        class="tally d-flex flex-column gap-2"
        data-part="tally"
        aria-label="The tally"
        :class="{ stale: bench.faults.value.length }"
      >
        <AdviceList which="urgent" />
        <CutTally :plan="plan" />
        <AnswersPanel />
        <AdviceList which="rest" />
      </aside>
      <div class="work d-flex flex-column gap-1" data-part="brief">
        <p v-if="bench.trouble.value" class="alert alert-danger trouble" role="alert">{{ bench.trouble.value }}</p>
        <PlannedAnew />
        <FaultList />
        <BTabs
          v-model="part"
          class="work-tabs d-flex flex-column flex-fill"
          content-class="work-scroll flex-fill pt-2 px-1"
          no-fade
        >
          <BTab id="brief" title="Brief"><TheBrief /></BTab>
          <BTab id="beads" title="Beads" unmount-lazy>
            <BeadsPanel :beads="plan.beads" :own="plan.own" :pieces="plan.pieces" />
          </BTab>
          <BTab id="wires" title="Wires" unmount-lazy><WiresPanel :plan="plan" /></BTab>
          <BTab id="order" title="Order of work" unmount-lazy><OrderPanel /></BTab>
          <BTab id="notes" title="Notes" unmount-lazy><NotesPanel /></BTab>
        </BTabs>
      </div>
    </main>
    <ConflictDialog @both="keepBoth" />
  </div>
  <template v-else>
    <SiteBar />
    <main class="p-5 serif fs-4">
      <p v-if="bench.trouble.value" role="alert">
        {{ bench.trouble.value }}. <RouterLink to="/">Back to the shelf</RouterLink>
      </p>
      <p v-else role="status">Laying out the piece…</p>
    </main>
  </template>
</template>

<script lang="ts">
export type Topic = "endings" | "base" | "weaving" | "coils";
</script>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { withFinding } from "../findings/findings";
import FindingLines from "../findings/FindingLines.vue";
import BaseFine from "./BaseFine.vue";
import CoilsFine from "./CoilsFine.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import WeavingFine from "./WeavingFine.vue";

/** The less common choices that belong to a word of the brief. */
defineProps<{ topic: Topic }>();
const emit = defineEmits<{ fold: [] }>();

const bench = useBench();
const at = (kind: string) => bench.draft.value!.endings.findIndex((ending) => ending.kind === kind);
const loop = computed(() => at("loop"));
const hook = computed(() => at("hook"));
const former = computed(() => {
  const { sections, endings } = bench.draft.value!;
  return sections[0]!.base.indexOf(endings[0]!.wires[0]!) + 1;
});

/** Closes a bracelet with its own hook, or with a clasp between two loops. */
function closeWith(what: "hook" | "clasp") {
  const piece = bench.draft.value!;
  const start = bench.catalogue.value!.starts.bracelet.endings.find((one) => one.kind === "hook")!;
  const end = piece.endings.findIndex((one) => one.side === "end");
  const { id, side, wires } = piece.endings[end]!;
  const loop = { id, side, wires, kind: "loop", inside: { typed: "4 mm" }, wraps: 3, turns: 1 };
  const ending = what === "hook" ? { ...start, id, side, wires } : loop;
  const endings = piece.endings.map((one, i) => (i === end ? ending : one));
  const changed = { ...piece, endings } as typeof piece;
  const clasps = (piece.findings ?? []).filter((one) => one.kind === "clasp");
  if (what === "clasp") return void bench.change(clasps.length ? changed : withFinding(changed, "clasp", "end"));
  void bench.change({ ...changed, findings: (piece.findings ?? []).filter((one) => one.kind !== "clasp") });
}

/** Has the next wire form the closures. */
function nextFormer() {
  const piece = bench.draft.value!;
  const endings = piece.endings.map((ending) => ({
    ...ending,
    wires: [...ending.wires.slice(1), ending.wires[0]!],
  }));
  void bench.change({ ...piece, endings } as typeof piece);
}
</script>

<template>
  <div class="fine-print" @keydown.esc="emit('fold')">
    <div v-if="topic === 'endings'">
      <p v-if="loop >= 0 && hook < 0">
        <template v-for="(ending, i) in bench.draft.value!.endings" :key="ending.id"
          >The loop at the {{ ending.side }} is
          <LiveSize :path="`/endings/${i}/inside`" :label="`Inside of the loop at the ${ending.side}`" :by="0.5" />
          inside.
        </template>
        A clasp closes them.
        <button type="button" class="unfold plain" @click="closeWith('hook')">Close it with a hook instead</button>
      </p>
      <p v-else-if="loop >= 0">
        The loop is <LiveSize :path="`/endings/${loop}/inside`" label="Inside of the loop" :by="0.5" /> inside, its neck
        bound <LiveCount :path="`/endings/${loop}/wraps`" label="Wraps on the loop's neck" /> times. The hook is
        <LiveSize :path="`/endings/${hook}/inside`" label="Inside of the hook" :by="0.5" /> inside, on a shank of
        <LiveSize :path="`/endings/${hook}/shank`" label="Shank of the hook" :by="0.5" />, its neck bound
        <LiveCount :path="`/endings/${hook}/wraps`" label="Wraps on the hook's neck" /> times.
        <button type="button" class="unfold plain" @click="nextFormer">Wire {{ former }}</button>
        forms both; the next one binds the hook.
        <button type="button" class="unfold plain" @click="closeWith('clasp')">Close it with a clasp instead</button>
      </p>
      <FindingLines />
    </div>
    <BaseFine v-else-if="topic === 'base'" />
    <WeavingFine v-else-if="topic === 'weaving'" />
    <CoilsFine v-else-if="topic === 'coils'" />
    <button type="button" class="fold" aria-label="Fold away" @click="emit('fold')">×</button>
  </div>
</template>

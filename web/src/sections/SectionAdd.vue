<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import PictureChoices from "../choices/PictureChoices.vue";
import { SECTIONS } from "../choices/pictures";
import { withBraidAdded } from "../crafts/braid/addBraid";
import { withCrochetAdded } from "../crafts/crochet/crochet";
import { withKnotsAdded } from "../crafts/knot/knot";
import { useCommands } from "../keys/commands";
import type { Piece } from "../generated/piece";
import { rowsOf, withBinding, withLacing, withSectionAdded } from "./document";

/** Adds a section; it is then in hand. */
const MOST_SECTIONS = 24;
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const full = computed(() => piece.value.sections.length >= MOST_SECTIONS);
const rows = computed(() => rowsOf(piece.value, piece.value.sections.length));
const open = ref(false);
const options = computed(() => [
  { key: "weave", name: "A woven section", about: "wires woven over base wires", lines: SECTIONS.weave },
  { key: "braid", name: "A braid", about: "three strands or more crossed over each other", lines: SECTIONS.braid },
  { key: "crochet", name: "Crochet", about: "fine wire worked with a hook", lines: SECTIONS.crochet },
  { key: "knot", name: "Knots", about: "cords or fine wires knotted side by side", lines: SECTIONS.knot },
  { key: "bend", name: "A bent wire", about: "an arc, a wave, a swirl, a row of loops", lines: SECTIONS.bend },
  {
    key: "lace",
    name: "A lacing",
    about: "ties two sections together",
    lines: SECTIONS.lace,
    off: rows.value.length < 2 && "two rows to tie together are needed first",
  },
  {
    key: "bind",
    name: "A binding",
    about: "wraps round wires that cross or lie side by side",
    lines: SECTIONS.bind,
  },
]);

function add(craft: string) {
  open.value = false;
  const { starts } = bench.catalogue.value!;
  const added: Record<string, () => Piece> = {
    lace: () => withLacing(piece.value, starts),
    braid: () => withBraidAdded(piece.value),
    crochet: () => withCrochetAdded(piece.value),
    knot: () => withKnotsAdded(piece.value),
    bind: () => withBinding(piece.value, starts, bench.answer.value!.plan.crossings),
  };
  const next = added[craft]?.() ?? withSectionAdded(piece.value, craft as "weave" | "bend", starts);
  bench.choose(next.sections.at(-1)!.id);
  void bench.change(next);
}
useCommands(() => [
  {
    words: "Add a section",
    key: "a",
    run: () => (open.value = true),
    off: full.value && `at most ${MOST_SECTIONS} sections`,
  },
]);
</script>

<template>
  <BButton variant="outline-primary" :disabled="full" @click="open = true">Add a section…</BButton>
  <span v-if="full" class="quiet ms-2">A piece has at most {{ MOST_SECTIONS }} sections.</span>
  <BModal v-model="open" title="What is added" no-footer lazy>
    <PictureChoices :options="options" @choose="add" />
  </BModal>
</template>

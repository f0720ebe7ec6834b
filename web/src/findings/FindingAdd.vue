<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { choices } from "../choices/choices";
import PictureChoices from "../choices/PictureChoices.vue";
import { FINDINGS } from "../choices/pictures";
import { holders, withFinding } from "./findings";

/** Something more is hung on an ending: the last there is, unless its sentence says otherwise. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const holding = computed(() => holders(piece.value));
const open = ref(false);
const options = computed(() => choices().findings.map(({ key, name }) => ({ key, name, lines: FINDINGS[key] })));
function add(kind: string) {
  open.value = false;
  const last = holding.value.findLast((one) => one.side === "end") ?? holding.value.at(-1)!;
  void bench.change(withFinding(piece.value, kind, last.id));
}
</script>

<template>
  <template v-if="holding.length">
    <BButton variant="outline-primary" @click="open = true">Hang something on…</BButton>
    <BModal v-model="open" title="What is hung on an ending" no-footer lazy>
      <PictureChoices :options="options" @choose="add" />
    </BModal>
  </template>
</template>

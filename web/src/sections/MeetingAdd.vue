<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { useCommands } from "../keys/commands";
import { isFormed } from "./document";
import { meetings, MOST_MEETINGS, withMeetingAdded } from "./meetings";

/** Brings two ends together, where there are two sections at least. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const able = computed(() => piece.value.sections.filter(isFormed).length > 1);
const full = computed(() => meetings(piece.value).length >= MOST_MEETINGS);
const add = () => bench.change(withMeetingAdded(piece.value, bench.answer.value!.plan));
useCommands(() => [
  {
    words: "Let two ends meet",
    run: () => void add(),
    off: (!able.value && "two sections are needed") || (full.value && `at most ${MOST_MEETINGS} meetings`),
  },
]);
</script>

<template>
  <BButton v-if="able" variant="outline-primary" :disabled="full" @click="add">Let two ends meet</BButton>
</template>

<script setup lang="ts">
import { computed, toRef } from "vue";
import { useBench } from "../bench/useBench";
import { gapText, readGaps } from "../bench/weave";
import { useField } from "./useField";

/** A walk as the list of gaps it goes through, typed with spaces or commas between. */
const props = defineProps<{ path: string; label: string }>();

const bench = useBench();
const fault = bench.faultAt(props.path);
const value = computed(() => gapText((bench.value(props.path) as number[] | undefined) ?? []));
const field = useField(toRef(value), bench.exchanged, (text) => void bench.edit(props.path, readGaps(text)));
/** It grows with its text, at first along the line, then by lines. */
const LINE = 84;
const width = computed(() => `${Math.min(Math.max(field.text.value.length, 6), LINE) * 0.84 + 2}ch`);
const rows = computed(() => Math.min(Math.ceil((field.text.value.length + 1) / LINE), 5));
</script>

<template>
  <span class="live live-gaps" :class="{ wrong: fault }">
    <textarea
      v-model="field.text.value"
      :rows="rows"
      :style="{ width }"
      spellcheck="false"
      autocomplete="off"
      :aria-label="label"
      :aria-invalid="fault ? true : undefined"
      :title="fault ? `${fault.message}; accepted: ${fault.accepted}` : undefined"
      @focus="field.focus"
      @blur="field.blur"
      @keydown.enter.prevent="($event.target as HTMLTextAreaElement).blur()"
    />
  </span>
</template>

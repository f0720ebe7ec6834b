<script setup lang="ts">
import { computed, toRef } from "vue";
import { useBench } from "../bench/useBench";
import type { Fault } from "../generated/fault";
import { useField } from "./useField";

/** A value alive in a sentence: typed, or stepped with the arrow keys; it grows with its text. */
const props = defineProps<{
  value: string;
  label: string;
  fault?: Fault;
  doubtful?: boolean;
  /** The value one step up or down. */
  step: (text: string, direction: 1 | -1) => string;
  /** A second reading of the value, shown small after it. */
  also?: string;
  free?: boolean;
}>();
const emit = defineEmits<{ change: [text: string] }>();

const field = useField(toRef(props, "value"), useBench().exchanged, (text) => emit("change", text));
/** Browsers that size a field by its content need no help. */
const sizesItself = CSS.supports("field-sizing", "content");
const width = computed(() => (sizesItself ? undefined : `${Math.max(field.text.value.length, 2) + 2}ch`));
const note = computed(() => (props.fault ? `${props.fault.message}; accepted: ${props.fault.accepted}` : undefined));

function key(event: KeyboardEvent) {
  if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
  event.preventDefault();
  field.put(props.step(field.text.value, event.key === "ArrowUp" ? 1 : -1));
}
</script>

<template>
  <span class="live" :class="{ wrong: fault, doubtful, free }">
    <input
      v-model="field.text.value"
      type="text"
      autocomplete="off"
      spellcheck="false"
      :aria-label="label"
      :aria-invalid="fault ? true : undefined"
      :title="note"
      :style="{ width }"
      @focus="field.focus"
      @blur="field.blur"
      @keydown="key"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
    /><small v-if="also && !fault" class="also quiet sans ms-1">{{ also }}</small>
  </span>
</template>

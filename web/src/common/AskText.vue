<script setup lang="ts">
import { ref, watch } from "vue";

/** Asks for a name or another short text. */
const props = defineProps<{
  title: string;
  label: string;
  /** What it is now. */
  value: string;
  most: number;
  /** Texts there are already, to choose from. */
  known?: string[];
  /** It may be left empty. */
  empty?: boolean;
}>();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ said: [text: string] }>();
const text = ref("");
watch(open, (now) => now && (text.value = props.value), { immediate: true });

function put() {
  if (text.value.trim() !== props.value) emit("said", text.value.trim());
  open.value = false;
}
</script>

<template>
  <BModal v-model="open" :title="title" no-footer lazy focus="ask-text">
    <BForm class="d-flex gap-2" @submit.prevent="put">
      <BFormInput
        id="ask-text"
        v-model="text"
        :aria-label="label"
        :maxlength="most"
        list="ask-known"
        autocomplete="off"
      />
      <datalist v-if="known?.length" id="ask-known">
        <option v-for="one in known" :key="one" :value="one" />
      </datalist>
      <BButton variant="outline-primary" type="submit" :disabled="!empty && !text.trim()">Save</BButton>
    </BForm>
  </BModal>
</template>

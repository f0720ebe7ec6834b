<script setup lang="ts">
import { useTemplateRef } from "vue";
import PictureChoices from "../choices/PictureChoices.vue";
import { type Kind, KINDS } from "./kinds";

/** What a new piece is to be, chosen by its picture; or one that comes from a file. */
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ start: [kind: Kind["key"]]; bringIn: [file: File] }>();
const file = useTemplateRef<HTMLInputElement>("file");

function start(kind: Kind["key"]) {
  open.value = false;
  emit("start", kind);
}
function bringIn() {
  const found = file.value!.files?.[0];
  file.value!.value = "";
  open.value = false;
  if (found) emit("bringIn", found);
}
</script>

<template>
  <BModal v-model="open" title="A new piece" size="lg" no-footer lazy>
    <PictureChoices :options="KINDS" @choose="start($event as Kind['key'])" />
    <p class="mt-3 quiet">
      Each comes with common sizes, ready to be changed. Or
      <label class="btn btn-link bring-in p-1"
        >bring in a piece from its file…<input
          ref="file"
          class="visually-hidden"
          type="file"
          accept=".json,application/json"
          @change="bringIn"
      /></label>
    </p>
  </BModal>
</template>

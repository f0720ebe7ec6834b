<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import { choices, formsFor, named } from "../choices/choices";
import { article } from "../common/article";
import FormParts from "./FormParts.vue";

/** What the strip in hand is bent to once it is worked, as it stands in its sentence. */
const bench = useBench();
const path = computed(() => bench.path("form"));
const form = computed(() => (bench.value(path.value) as { kind: string } | undefined)?.kind ?? "straight");
const forms = computed(() => formsFor(bench.draft.value!.worn, choices().strip_forms, form.value));
const start = (kind: string) => ({ kind, ...named(choices().strip_forms, kind).start });
</script>

<template>
  {{ form === "straight" ? "left" : `bent to ${article(named(forms, form).name)}` }}
  <LiveChoice :value="form" :options="forms" label="Form" @change="(kind) => bench.edit(path, start(kind))" /><FormParts
    :parts="named(choices().strip_forms, form).parts"
    :path="path"
  />
</template>

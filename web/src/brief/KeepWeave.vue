<script setup lang="ts">
import { ref } from "vue";
import { api, ApiProblem, type OwnWeave } from "../api/client";
import { useBench } from "../bench/useBench";
import { section, type WalkPattern } from "../bench/weave";
import { baseOf } from "../document/routes";

/** Keeps the weave on the bench among the maker's own, under a name; a name that is taken can be kept over. */
const bench = useBench();
const form = ref<{ name: string; notes: string } | null>(null);
const fault = ref("");
/** The kept weave that has the name already. */
const over = ref<string | null>(null);
const done = ref("");

function open() {
  const now = bench.draft.value!.weaves?.[0];
  form.value = { name: now?.name ?? "", notes: now?.notes ?? "" };
  fault.value = done.value = "";
  over.value = null;
}

/** How wide its gaps stand, where they are all alike. */
function clear(): OwnWeave["clear"] {
  const { spacing } = section(bench.draft.value!, bench.hand.value);
  if (spacing.kind !== "apart") return null;
  const [first] = spacing.clear;
  return first && spacing.clear.every((one) => one.typed === first.typed) ? { typed: first.typed } : null;
}

async function keep() {
  const piece = bench.draft.value!;
  const { pattern } = section(piece, bench.hand.value);
  const base = baseOf(piece, bench.hand.value).length;
  const { gaps, before, after } = pattern as WalkPattern;
  const weave: OwnWeave = { ...form.value!, base, gaps, before, after, clear: clear() };
  try {
    const id = over.value;
    if (id) await api.putWeave(id, weave);
    else await api.keepWeave(weave);
    await bench.change({ ...bench.draft.value!, weaves: [weave] });
    form.value = null;
    done.value = `Saved as “${weave.name}”.`;
  } catch (error) {
    await refused(error, weave.name);
  }
}

async function refused(error: unknown, name: string) {
  const first = error instanceof ApiProblem ? error.faults[0] : undefined;
  fault.value = first ? `${first.message}; accepted: ${first.accepted}` : "Meander cannot be reached";
  if (first?.code !== "taken") return;
  const { weaves } = await api.ownWeaves();
  over.value = weaves.find((one) => one.name.toLowerCase() === name.toLowerCase())?.id ?? null;
}
</script>

<template>
  <button v-if="!form" type="button" class="unfold plain" @click="open">save it</button>
  <form
    v-else
    class="d-inline-flex flex-wrap align-items-center gap-2 sans"
    @submit.prevent="keep"
    @keydown.esc="form = null"
  >
    <BFormInput
      v-model="form.name"
      class="w-auto"
      maxlength="80"
      placeholder="its name"
      aria-label="Name of your weave"
      @input="over = null"
    />
    <BFormInput
      v-model="form.notes"
      class="w-auto"
      maxlength="400"
      placeholder="what it is good for"
      aria-label="What your weave is good for"
    />
    <BButton variant="outline-primary" type="submit">{{ over ? "Save over it" : "Save" }}</BButton>
    <BButton variant="link" @click="form = null">Cancel</BButton>
  </form>
  <small v-if="fault && form" class="said-wrong text-danger small sans" role="alert">{{ fault }}</small>
  <small v-else-if="done" class="quiet" role="status">{{ done }}</small>
</template>

<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { api, ApiProblem } from "../api/client";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import { asWalk, section, withWalk } from "../bench/weave";
import { baseOf } from "../document/routes";

/**
 * The walk in short notation: three wraps round wire 1 are `3 on 1`. What cannot be read stays as it was typed, with the
 * place and what may stand there; the last good weave stays on the bench.
 */
const bench = useBench();
const written = computed(() => bench.strip.value.weave.notation);
const text = ref(written.value);
const fault = ref<{ message: string; accepted: string; likely: string[] } | null>(null);
const busy = ref(false);
let latest = 0;
const gapsOf = (piece: Piece, id: string) => asWalk(section(piece, id).pattern).gaps;

watch(written, (next) => {
  if (!busy.value && !fault.value) text.value = next;
});
watch(bench.exchanged, () => {
  fault.value = null;
  text.value = written.value;
});

async function read() {
  const asked = ++latest;
  // Another section may be taken in hand before the answer is here.
  const id = bench.hand.value;
  const document = withWalk(bench.draft.value!, id);
  try {
    if (bench.faults.value.length) {
      const { gaps } = await bench.saving.during(api.readWeave(text.value, baseOf(document, id).length));
      if (asked === latest) void bench.change(withWalk(bench.draft.value!, id, { gaps }));
    } else {
      await bench.take(api.sayWeave({ ...bench.asked(document), text: text.value }), (said, now) =>
        withWalk(now, id, { gaps: gapsOf(said, id) }),
      );
    }
    if (asked === latest) fault.value = null;
  } catch (error) {
    if (asked !== latest) return;
    const first = error instanceof ApiProblem ? error.faults[0] : undefined;
    fault.value = first ?? { message: "Meander cannot be reached", accepted: "try again", likely: [] };
  }
}

/** Puts a likely word where the one that was not understood stands. */
function take(word: string) {
  const at = Number(/character (\d+)/.exec(fault.value!.message)?.[1] ?? 1) - 1;
  text.value = text.value.slice(0, at) + text.value.slice(at).replace(/^[a-z]+/i, word);
  void read();
}
function leave() {
  busy.value = false;
  if (!fault.value) text.value = written.value;
}
/** It grows with its text, at first along the line, then by lines. */
const LINE = 84;
const width = computed(() => `${Math.min(Math.max(text.value.length, 8), LINE) * 0.98 + 2}ch`);
const rows = computed(() => Math.min(Math.ceil((text.value.length + 1) / LINE), 5));
</script>

<template>
  <span class="live live-gaps" :class="{ wrong: fault }">
    <textarea
      v-model="text"
      :rows="rows"
      spellcheck="false"
      autocomplete="off"
      aria-label="The walk in short"
      :aria-invalid="fault ? true : undefined"
      :style="{ width }"
      @focus="busy = true"
      @blur="leave"
      @input="read"
      @keydown.enter.prevent="($event.target as HTMLTextAreaElement).blur()"
    />
  </span>
  <small v-if="fault" class="said-wrong text-danger small sans" role="alert">
    {{ fault.message }}; accepted: {{ fault.accepted }}
    <BButton v-for="word in fault.likely" :key="word" variant="link" @click="take(word)"> Take {{ word }} </BButton>
  </small>
</template>

<script setup lang="ts">
import { ref, shallowRef } from "vue";
import { useRouter } from "vue-router";
import { api } from "../api/client";
import type { PathStep, ToPractise } from "../api/learning";
import SiteBar from "../common/SiteBar.vue";
import { useFormat } from "../units/format";
import { sendPractised } from "./unsent";

/** The way in: six small pieces in copper, each of which teaches one thing; and the moves that go wrong most. */
const router = useRouter();
const format = useFormat();
const path = shallowRef<PathStep[] | null>(null);
const next = shallowRef<ToPractise[]>([]);
const trouble = ref("");
async function load() {
  await sendPractised();
  try {
    const [steps, moves] = await Promise.all([api.path(), api.toPractise()]);
    path.value = steps.path;
    next.value = moves.next;
    trouble.value = "";
  } catch {
    trouble.value = "The path cannot be shown: Meander cannot be reached";
  }
}
void load();
async function begin(step: PathStep) {
  try {
    await router.push(`/pieces/${step.piece ?? (await api.beginPath(step.key)).id}`);
  } catch {
    trouble.value = "This could not be begun: Meander cannot be reached";
  }
}
const list = (all: string[]) => all.join("; ");
</script>

<template>
  <SiteBar @said="load" />
  <main class="page container-xl px-4 pb-4">
    <h1 class="mb-2">Learn</h1>
    <p v-if="trouble" class="alert alert-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!path" role="status">Laying out the path…</p>
    <template v-else>
      <section class="panel mb-3" aria-label="What to practise next">
        <h2>What to practise next</h2>
        <p v-if="!next.length" class="quiet mb-0">
          Nothing went wrong yet: open a piece, watch it being made, and press Practise to say the moves yourself.
        </p>
        <ul v-else class="list-unstyled mb-0">
          <li
            v-for="(one, i) in next"
            :key="i"
            class="d-flex flex-wrap align-items-center column-gap-3 py-1 border-bottom"
          >
            <span class="serif fs-5">{{ one.move }}</span>
            <span class="figures">{{ one.wrong }} of {{ one.asked }} wrong</span>
            <span class="quiet"
              >{{ one.name }}<template v-if="one.number">, section {{ one.number }}</template></span
            >
            <RouterLink
              class="btn btn-outline-primary ms-auto"
              :to="{ path: `/pieces/${one.piece}`, query: { practise: one.section } }"
              >Practise it</RouterLink
            >
          </li>
        </ul>
      </section>
      <h2>Six pieces to begin with</h2>
      <p class="sentence">In copper, soft and cheap; each teaches one thing that the next one needs.</p>
      <ol class="list-unstyled d-grid gap-3 learn-path">
        <li v-for="(step, i) in path" :key="step.key" class="panel d-flex flex-column gap-1">
          <h3 class="mb-0">
            <span class="quiet figures">{{ i + 1 }}</span> {{ step.name }}
            <span v-if="step.made" class="quiet">✓ made</span>
          </h3>
          <p class="serif mb-1">{{ step.teaches }}</p>
          <p class="quiet figures mb-1">
            {{ format.time(step.minutes) }} of working; {{ list(step.wire)
            }}<template v-if="step.beads.length">; {{ list(step.beads) }}</template
            >.
          </p>
          <BButton
            :variant="step.made ? 'outline-primary' : 'primary'"
            class="mt-auto align-self-start"
            :aria-label="`${step.piece ? 'Open' : 'Begin'} ${step.name}`"
            @click="begin(step)"
            >{{ step.piece ? "Open it" : "Begin" }}</BButton
          >
        </li>
      </ol>
    </template>
  </main>
</template>

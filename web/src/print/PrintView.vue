<script setup lang="ts">
import { kindWords } from "../bench/kinds";
import { computed, onMounted, ref, shallowRef } from "vue";
import { RouterLink } from "vue-router";
import { api, type StoredPiece } from "../api/client";
import { useSettings } from "../settings/useSettings";
import BuiltPrint from "./BuiltPrint.vue";
import PrintBeads from "./PrintBeads.vue";
import PrintCuts from "./PrintCuts.vue";
import PrintStops from "./PrintStops.vue";
import { useFormat } from "../units/format";

/** A page for the bench: what to cut with boxes to tick, and the strip at true size. */
const props = defineProps<{ id: string }>();

const piece = shallowRef<StoredPiece | null>(null);
const trouble = ref("");
const format = useFormat();
const settings = useSettings();
const strip = (face: string) =>
  api.file(props.id, "strip.svg", `?face=${face}&hand=${settings.hand}&show=1&v=${piece.value?.revision}`);
/** What is hung on it and not made. */
const bought = computed(() => piece.value?.plan.findings.filter((finding) => finding.cut_mm === null) ?? []);
const printPage = () => window.print();

onMounted(async () => {
  try {
    piece.value = await api.open(props.id);
    document.title = piece.value.name;
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander did not answer";
  }
});
</script>

<template>
  <main class="print-page">
    <nav class="no-print">
      <RouterLink :to="`/pieces/${id}`" class="back">‹ Bench</RouterLink>
      <button type="button" class="act" @click="printPage">Print</button>
      <span class="quiet">Print at 100 %, landscape: what is drawn is then at true size; check the ruler.</span>
    </nav>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <BuiltPrint v-if="piece?.built" :piece="piece" :built="piece.built" :picture="strip" />
    <article v-else-if="piece">
      <header>
        <h1>{{ piece.document.name }}</h1>
        <p v-if="piece.document.notes">{{ piece.document.notes }}</p>
        <p class="figures">
          {{ kindWords(piece.document.body.kind, piece.plan.fit, format.length)
          }}<template v-if="!piece.plan.fit.size_words && piece.plan.fit.wrist_mm !== null"
            >, ease {{ format.length(piece.plan.fit.ease_mm) }}</template
          >
          <template v-if="piece.plan.fit.opening_mm > 0">, open {{ format.length(piece.plan.fit.opening_mm) }}</template
          >. {{ piece.plan.fit.repeats }} repeats of {{ piece.plan.weave.words }},
          {{ format.length(piece.plan.fit.woven_mm) }} woven, {{ format.length(piece.plan.fit.bare_mm) }} bare at each
          end; finished about {{ format.mass(piece.plan.mass.finished_g) }}.
        </p>
      </header>
      <PrintStops :advice="piece.plan.advice" />
      <PrintCuts :rows="piece.plan.cut_list" />
      <p v-if="bought.length" class="figures">
        Hung on it: {{ bought.map((finding) => `${finding.words}, at the ${finding.side}`).join("; ") }}.
      </p>
      <PrintBeads :beads="piece.plan.beads" />
      <ol class="print-order">
        <li v-for="(step, i) in piece.plan.order" :key="i">{{ step.words }}</li>
      </ol>
      <figure v-for="face in ['front', 'back']" :key="face">
        <figcaption>{{ face === "front" ? "Front" : "Back" }}, true size in mm from the start of the weave</figcaption>
        <img :src="strip(face)" :alt="`${piece.document.name}, ${face}`" />
      </figure>
    </article>
    <p v-if="piece" class="caution">
      Wear eye protection when cutting and hold both sides of the cut. Keep offcuts away from children and pets. Follow
      product labels and local rules for finishes and metals.
    </p>
  </main>
</template>

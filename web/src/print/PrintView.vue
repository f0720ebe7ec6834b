<script setup lang="ts">
import { kindWords } from "../bench/kinds";
import { onMounted, ref, shallowRef } from "vue";
import { RouterLink } from "vue-router";
import { api, type StoredPiece } from "../api/client";
import { useSettings } from "../settings/useSettings";
import BuiltPrint from "./BuiltPrint.vue";
import PrintBeads from "./PrintBeads.vue";
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
/** Which half a length weaves, where the work goes outwards from the middle. */
function half(of: 0 | 1 | null) {
  if (of === null || !piece.value!.plan.weaving.lengths.some((length) => length.half === 1)) return "";
  return of === 0 ? ", first half" : ", second half";
}
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
      <table class="print-cuts figures">
        <caption>
          Cut; marks from the tail end
        </caption>
        <thead>
          <tr>
            <th scope="col">Done</th>
            <th scope="col">Cut</th>
            <th scope="col">Wire</th>
            <th scope="col">Start</th>
            <th scope="col">Middle</th>
            <th scope="col">Stop</th>
            <th scope="col">For</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bar in piece.plan.base" :key="bar.wire">
            <td class="tick">☐</td>
            <td>
              <strong>{{ format.cut(bar.cut_mm) }}</strong>
            </td>
            <td>{{ bar.words }}</td>
            <td>{{ format.length(bar.start_mark_mm) }}</td>
            <td>{{ format.length(bar.middle_mark_mm) }}</td>
            <td>{{ format.length(bar.end_mark_mm) }}</td>
            <td>base wire, {{ bar.place }}{{ bar.cut_away ? "; cut away after weaving" : "" }}</td>
          </tr>
          <tr v-for="(length, i) in piece.plan.weaving.lengths" :key="i">
            <td class="tick">☐</td>
            <td>
              <strong>{{ length.strands.length > 1 ? "2 × " : "" }}{{ format.cut(length.cut_mm) }}</strong>
            </td>
            <td>
              {{ [...new Set(length.strands.map((at) => piece!.plan.weaving.strands[at]!.words))].join(" and ") }}
            </td>
            <td />
            <td />
            <td />
            <td>
              weaves {{ length.strands.length < piece.plan.weaving.strands.length ? "every other of " : "" }}repeats
              {{ length.first }} to {{ length.last }}{{ half(length.half) }}
            </td>
          </tr>
          <tr v-for="(own, i) in piece.plan.own" :key="`own ${i}`">
            <td class="tick">☐</td>
            <td>
              <strong>{{ format.cut(own.cut_mm) }}</strong>
            </td>
            <td>{{ own.words }}</td>
            <td />
            <td />
            <td />
            <td>{{ own.use }}</td>
          </tr>
          <tr v-for="finding in piece.plan.findings" :key="finding.id">
            <td class="tick">☐</td>
            <td>
              <strong>{{ finding.cut_mm === null ? "" : format.cut(finding.cut_mm) }}</strong>
            </td>
            <td colspan="4">{{ finding.words }}</td>
            <td>hung at the {{ finding.side }}</td>
          </tr>
        </tbody>
      </table>
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

<script setup lang="ts">
import type { StoredPiece } from "../api/client";
import type { Built } from "../generated/built";
import { kindWords } from "../bench/kinds";
import PrintBeads from "./PrintBeads.vue";
import PrintStops from "./PrintStops.vue";
import { useFormat } from "../units/format";

/** The printed page of a piece put together from sections: a template at true size, what to cut with every mark, the order of work. */
defineProps<{ piece: StoredPiece; built: Built; picture: (face: string) => string }>();
const format = useFormat();
</script>

<template>
  <article>
    <header>
      <h1>{{ piece.document.name }}</h1>
      <p v-if="piece.document.notes">{{ piece.document.notes }}</p>
      <p class="figures">
        {{ kindWords(piece.document.body.kind, undefined, format.length)
        }}{{ built.pieces === 2 ? ", one of a mirrored pair" : "" }}:
        {{ built.sections.map((one) => one.words).join("; ") }}. {{ built.work.wraps }} wraps; finished about
        {{ format.mass(built.mass_g) }}.
      </p>
    </header>
    <PrintStops :advice="built.advice" />
    <figure v-for="face in ['front', 'back']" :key="face" class="template">
      <img :src="picture(face)" :alt="`${piece.document.name}, ${face}, template`" />
      <figcaption>{{ face === "front" ? "Front" : "Back" }}, true size; check the ruler</figcaption>
    </figure>
    <table class="print-cuts figures">
      <caption>
        Cut; marks from the first end
      </caption>
      <thead>
        <tr>
          <th scope="col">Done</th>
          <th scope="col">Cut</th>
          <th scope="col">Wire</th>
          <th scope="col">Marks</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="cut in built.cuts" :key="cut.wires.join()">
          <td class="tick">☐</td>
          <td>
            <strong>{{ format.cut(cut.cut_mm) }}</strong>
          </td>
          <td>{{ cut.words }}, base wire</td>
          <td>{{ cut.marks.map((mark) => `${format.length(mark.at_mm)} ${mark.words}`).join(" · ") }}</td>
        </tr>
        <template v-for="(section, i) in built.sections" :key="section.id">
          <tr v-for="(length, k) in section.plan?.weaving.lengths ?? []" :key="`${section.id} ${k}`">
            <td class="tick">☐</td>
            <td>
              <strong>{{ section.copies > 1 ? `${section.copies} × ` : "" }}{{ format.cut(length.cut_mm) }}</strong>
            </td>
            <td>{{ section.plan!.weaving.strands[0]!.words }}, weaving wire</td>
            <td>weaves section {{ i + 1 }}, repeats {{ length.first }} to {{ length.last }}</td>
          </tr>
        </template>
        <tr v-for="(own, i) in built.own" :key="`own ${i}`">
          <td class="tick">☐</td>
          <td>
            <strong>{{ format.cut(own.cut_mm) }}</strong>
          </td>
          <td>{{ own.words }}</td>
          <td>{{ own.use }}</td>
        </tr>
      </tbody>
    </table>
    <PrintBeads :beads="built.beads" />
    <ol class="print-order">
      <li v-for="(step, i) in built.order" :key="i">{{ step.words }}</li>
    </ol>
  </article>
</template>

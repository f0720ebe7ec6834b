<script setup lang="ts">
import type { StoredPiece } from "../api/client";
import type { Built } from "../generated/built";
import { kindWords } from "../bench/kinds";
import PrintBeads from "./PrintBeads.vue";
import PrintCuts from "./PrintCuts.vue";
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
    <PrintCuts :rows="built.cut_list" />
    <PrintBeads :beads="built.beads" />
    <ol class="print-order">
      <li v-for="(step, i) in built.order" :key="i">{{ step.words }}</li>
    </ol>
  </article>
</template>

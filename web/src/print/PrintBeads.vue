<script setup lang="ts">
import StringView from "../beads/StringView.vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** The beads of a piece on its printed page: how many where, what each kind is, and in what order they are strung. */
defineProps<{ beads: Plan["beads"] }>();
const format = useFormat();
</script>

<template>
  <section v-if="beads.placed.length" class="print-beads figures" aria-label="Beads">
    <h2>Beads</h2>
    <ul>
      <li v-for="one in beads.placed" :key="one.id">
        ☐ <b>{{ one.count }}</b> beads: {{ one.words }}
      </li>
    </ul>
    <p v-for="kind in beads.kinds" :key="kind.id">
      {{ kind.words }}: {{ format.length(kind.along_mm) }} along its hole, hole {{ format.wire(kind.hole_mm)
      }}{{ kind.guessed.length ? ` (guessed: ${kind.guessed.join(", ")})` : "" }}.
    </p>
    <StringView v-for="(string, i) in beads.strings" :key="i" :string="string" :kinds="beads.kinds" :number="i + 1" />
  </section>
</template>

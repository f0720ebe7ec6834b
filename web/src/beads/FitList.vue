<script setup lang="ts">
import { ref } from "vue";
import { api, type Filler } from "../api/client";
import { useFormat } from "../units/format";

/** Which beads of the tray fill a gap evenly, best first: to take one of them. */
const props = defineProps<{ gap: number; wires: number[] }>();
const emit = defineEmits<{ take: [id: string] }>();
const format = useFormat();
const fits = ref<Filler[] | null>(null);
const trouble = ref("");
const FEW = 8;

async function ask() {
  if (fits.value) return void (fits.value = null);
  try {
    const typed = (mm: number) => ({ typed: `${Number(mm.toFixed(3))} mm` });
    fits.value = (await api.fitBeads({ gap: typed(props.gap), wires: props.wires.map(typed) })).fits;
    trouble.value = "";
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander cannot be reached";
  }
}
</script>

<template>
  <BButton variant="link" :aria-expanded="fits !== null" @click="ask">What fits here?</BButton>
  <p v-if="trouble" class="alert alert-danger trouble" role="alert">{{ trouble }}</p>
  <p v-else-if="fits && !fits.length">Nothing in your tray is small enough for {{ format.length(gap) }}.</p>
  <table v-else-if="fits" class="figures fit-list table table-sm" :aria-label="`What fits ${format.length(gap)}`">
    <thead>
      <tr>
        <th scope="col">Bead</th>
        <th scope="col">In a row</th>
        <th scope="col">Left over</th>
        <th scope="col">Hole</th>
        <th scope="col">To hand</th>
        <th scope="col"><span class="visually-hidden">Take it</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="fit in fits.slice(0, FEW)" :key="fit.id" :class="{ quiet: !fit.passes }">
        <th scope="row">{{ fit.words }}{{ fit.guessed.length ? ", guessed" : "" }}</th>
        <td>{{ fit.count }}</td>
        <td>{{ format.length(fit.left_mm) }}, {{ format.length(fit.each_mm) }} between</td>
        <td>{{ fit.passes ? "the wire passes" : `${(fit.need_mm - fit.hole_mm).toFixed(2)} mm too small` }}</td>
        <td>{{ fit.stock }}</td>
        <td>
          <BButton variant="link" class="text-nowrap" :aria-label="`Take ${fit.name}`" @click="emit('take', fit.id)">
            Take it
          </BButton>
        </td>
      </tr>
    </tbody>
  </table>
</template>

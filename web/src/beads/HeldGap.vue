<script setup lang="ts">
import { ref } from "vue";
import { api, type Hold } from "../api/client";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** A gap to hold while it is woven, and which beads of the tray are as wide. */
const props = defineProps<{ held: Plan["beads"]["held"][number] }>();
const format = useFormat();
const holds = ref<Hold[] | null>(null);
const trouble = ref("");
const FEW = 8;

async function ask() {
  if (holds.value) return void (holds.value = null);
  try {
    holds.value = (await api.holdGap({ typed: `${Number(props.held.clear_mm.toFixed(3))} mm` })).holds;
    trouble.value = "";
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander cannot be reached";
  }
}
const off = (mm: number) =>
  Math.abs(mm) < 0.005 ? "as wide" : `${format.length(Math.abs(mm))} ${mm > 0 ? "wider" : "narrower"}`;
</script>

<template>
  <li>
    {{ held.words }}.
    <BButton variant="link" :aria-expanded="holds !== null" @click="ask">Which of mine hold it?</BButton>
    <p v-if="trouble" class="alert alert-danger trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="holds && !holds.length">
      None in your tray is as wide; a scrap of wire {{ format.length(held.clear_mm) }} thick laid between does it, too.
    </p>
    <table
      v-else-if="holds"
      class="figures fit-list table table-sm"
      :aria-label="`What holds ${format.length(held.clear_mm)}`"
    >
      <thead>
        <tr>
          <th scope="col">Bead</th>
          <th scope="col">Against the gap</th>
          <th scope="col">Its hole lies</th>
          <th scope="col">To hand</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="hold in holds.slice(0, FEW)" :key="hold.id">
          <th scope="row">{{ hold.words }}{{ hold.guessed.length ? ", guessed" : "" }}</th>
          <td>{{ off(hold.off_mm) }}</td>
          <td>{{ hold.lies === "along" ? "along the strip" : "across the strip" }}</td>
          <td>{{ hold.stock }}</td>
        </tr>
      </tbody>
    </table>
  </li>
</template>

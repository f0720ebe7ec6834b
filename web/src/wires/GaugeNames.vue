<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** What each wire of the piece would be called in every system, with how far off the name is. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();
type Gauge = Plan["wires"][number]["names"]["awg"];

const rows = computed(() => {
  const seen = new Map(props.plan.wires.map((wire) => [wire.words, wire]));
  return [...seen.values()];
});
const off = (gauge: Gauge) =>
  Math.abs(gauge.off_mm) < 0.0005 ? "" : `${gauge.off_mm > 0 ? "+" : "−"}${format.wire(Math.abs(gauge.off_mm))}`;
</script>

<template>
  <table class="table table-sm w-auto figures">
    <thead>
      <tr>
        <th scope="col">Wire</th>
        <th scope="col">nearest AWG</th>
        <th scope="col">nearest SWG</th>
        <th scope="col">sold as</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="wire in rows" :key="wire.id">
        <th scope="row">{{ wire.words }}</th>
        <td>
          {{ wire.names.awg.number }} <small>{{ off(wire.names.awg) }}</small>
        </td>
        <td>
          {{ wire.names.swg.number }} <small>{{ off(wire.names.swg) }}</small>
        </td>
        <td>
          {{ format.wire(wire.names.metric.mm) }} <small>{{ off(wire.names.metric) }}</small>
        </td>
      </tr>
    </tbody>
  </table>
</template>

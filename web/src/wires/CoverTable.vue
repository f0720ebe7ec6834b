<script setup lang="ts">
import { computed } from "vue";
import type { Strip } from "../api/client";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** What the weave covers of each base wire on either face, and the longest it leaves bare. */
const props = defineProps<{ cuts: Plan["cuts"]; cover: Strip["weave"]["cover"] }>();
const format = useFormat();
const percent = (share: number) => `${Math.round(share * 100)} %`;

const rows = computed(() =>
  props.cuts.map(({ wires, place }) => {
    const faces = props.cover.filter((cover) => wires.includes(cover.wire));
    const of = (face: 1 | -1) => faces.find((cover) => cover.face === face)!;
    return { wire: wires[0], place, front: of(1), back: of(-1) };
  }),
);
</script>

<template>
  <table class="table table-sm w-auto figures">
    <thead>
      <tr>
        <th scope="col">Base wire</th>
        <th scope="col">covered in front</th>
        <th scope="col">at the back</th>
        <th scope="col">longest bare</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.wire">
        <th scope="row">{{ row.place }}</th>
        <td>{{ percent(row.front.share) }}</td>
        <td>{{ percent(row.back.share) }}</td>
        <td>{{ format.length(Math.max(row.front.longest_mm, row.back.longest_mm)) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<script setup lang="ts">
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** All that is cut, with boxes to tick and the marks to make on it. */
defineProps<{ rows: Plan["cut_list"] }>();
const format = useFormat();
</script>

<template>
  <table class="print-cuts caption-top table table-sm my-3 figures">
    <caption>
      Cut; marks from the first end
    </caption>
    <thead>
      <tr>
        <th scope="col">Done</th>
        <th scope="col">Cut</th>
        <th scope="col">Wire</th>
        <th scope="col">Marks</th>
        <th scope="col" class="w-25">For</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, i) in rows" :key="i">
        <td class="tick fs-5">☐</td>
        <td>
          <strong class="text-nowrap">{{ row.count > 1 ? `${row.count} × ` : "" }}{{ format.cut(row.cut_mm) }}</strong>
        </td>
        <td>{{ row.words }}</td>
        <td>{{ row.marks.map((mark) => `${format.length(mark.at_mm)} ${mark.words}`).join(" · ") }}</td>
        <td>{{ row.use }}</td>
      </tr>
    </tbody>
  </table>
</template>

<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** Working wire section by section, and what is cut for something by itself. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();
const rows = computed(() =>
  props.plan.sections.flatMap((section, i) => {
    const { strip, wraps, minutes, id } = section;
    const cuts = props.plan.cut_list.filter((row) => row.kind === "weaving" && row.section === id);
    const from = strip?.weaving.lengths[0]?.from;
    if (!cuts.length && !from) return [];
    return [
      {
        number: i + 1,
        cuts,
        on: from ? wovenOn(from, id) : "",
        path: strip?.weaving.path_mm,
        repeats: strip?.repeats,
        wraps,
        minutes,
      },
    ];
  }),
);
/** With the wire of which section another is woven on, or with the other end of that. */
function wovenOn(from: string, id: string): string {
  const at = props.plan.sections.findIndex((one) => one.id === from);
  const other = props.plan.sections[at]!.strip?.weaving.lengths.some(({ back }) => back[0] === id);
  return `on with the ${other ? "other end of the " : ""}wire of section ${at + 1}`;
}
/** So many lengths of a wire, and which repeats they weave. */
const told = (row: Plan["cut_list"][number]) => `${row.words}, ${row.use.replace(/^weaves (section \d+, )?/, "")}`;
</script>

<template>
  <div v-if="rows.length || plan.own.length" class="weaving-cuts mt-3 overflow-auto">
    <table class="table table-sm figures" aria-label="Weaving wire by section">
      <thead>
        <tr>
          <th scope="col">Section</th>
          <th scope="col">Cut</th>
          <th scope="col">Woven in it</th>
          <th scope="col">Repeats</th>
          <th scope="col">Wraps</th>
          <th scope="col">Time</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.number">
          <th scope="row">{{ row.number }}</th>
          <td>
            <span v-if="row.on" class="d-block">{{ row.on }}</span>
            <span v-for="(cut, k) in row.cuts" :key="k" class="d-block">
              <b>{{ cut.count > 1 ? `${cut.count} × ` : "" }}{{ format.cut(cut.cut_mm) }}</b> {{ told(cut) }}
            </span>
          </td>
          <td>{{ row.path === undefined ? "" : format.long(row.path) }}</td>
          <td>{{ row.repeats }}</td>
          <td>{{ row.wraps }}</td>
          <td>{{ format.time(row.minutes) }}</td>
        </tr>
        <tr v-for="(own, i) in plan.own" :key="`own ${i}`">
          <th scope="row" colspan="1">–</th>
          <td>
            <b>{{ format.cut(own.cut_mm) }}{{ own.lengths > 1 ? ` in ${own.lengths} lengths` : "" }}</b>
            {{ own.words }},
            {{ own.use }}
          </td>
          <td>{{ format.long(own.path_mm) }}</td>
          <td></td>
          <td>{{ own.wraps }}</td>
          <td></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

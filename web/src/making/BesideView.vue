<script setup lang="ts">
import { computed, ref, shallowRef } from "vue";
import { api } from "../api/client";
import type { MakingRow } from "../api/makings";
import SiteBar from "../common/SiteBar.vue";
import { useFormat } from "../units/format";
import { RATED } from "./log";

/** The makings of one piece side by side: how long each took, section by section, what was cut, what became other. */
const props = defineProps<{ piece: string }>();
const format = useFormat();
const rows = shallowRef<MakingRow[] | null>(null);
const trouble = ref("");
async function load() {
  try {
    const { makings } = await api.makings({ piece: props.piece });
    rows.value = makings.sort((a, b) => a.begun_at.localeCompare(b.begun_at));
  } catch {
    trouble.value = "The log cannot be read: Meander cannot be reached";
  }
}
void load();
const day = (at: string | number) => new Date(at).toLocaleDateString(undefined, { dateStyle: "medium" });
const sections = computed(() => [...new Set((rows.value ?? []).flatMap((row) => Object.keys(row.sections ?? {})))]);
const minutes = (pair?: [number, number]) =>
  pair ? `${format.time(pair[0] / 60000)} of ${format.time(pair[1] / 60000)}` : "–";
const lines = computed(() => [
  { name: "begun", of: (row: MakingRow) => day(row.begun_at) },
  { name: "finished", of: (row: MakingRow) => (row.finished_at ? day(row.finished_at) : "–") },
  { name: "steps", of: (row: MakingRow) => `${row.done} of ${row.of}` },
  { name: "time, of what was planned", of: (row: MakingRow) => minutes([row.worked_ms, row.planned_ms]) },
  ...sections.value.map((id, i) => ({
    name: sections.value.length === 1 ? "of it, worked" : `section ${i + 1}`,
    of: (row: MakingRow) => minutes(row.sections?.[id]),
  })),
  { name: "wire cut", of: (row: MakingRow) => format.length(row.wire_mm ?? 0) },
  { name: "other than planned", of: (row: MakingRow) => String(row.differs) },
  { name: "to mend", of: (row: MakingRow) => String(row.mend ?? 0) },
  { name: "came out", of: (row: MakingRow) => (row.rated ? RATED[row.rated - 1]! : "–") },
]);
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4">
    <p class="mb-1"><RouterLink to="/makings">The log</RouterLink></p>
    <p v-if="trouble" class="alert alert-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!rows" role="status">Reading the log…</p>
    <p v-else-if="!rows.length" class="sentence">This piece was not made yet.</p>
    <template v-else>
      <h1>{{ rows[0]!.name }}, made {{ rows.length === 1 ? "once" : `${rows.length} times` }}</h1>
      <div class="table-responsive">
        <table class="table beside figures w-auto">
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">What</span></th>
              <th v-for="(row, i) in rows" :key="row.id" scope="col">
                <RouterLink :to="`/makings/${row.id}`">Making {{ i + 1 }}</RouterLink>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in lines" :key="line.name">
              <th scope="row" class="fw-normal quiet">{{ line.name }}</th>
              <td v-for="row in rows" :key="row.id">{{ line.of(row) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </main>
</template>

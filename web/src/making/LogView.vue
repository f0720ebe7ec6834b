<script setup lang="ts">
import { refDebounced } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { api } from "../api/client";
import type { MakingRow } from "../api/makings";
import SiteBar from "../common/SiteBar.vue";
import { useFormat } from "../units/format";

/** Every making there was: what is on the bench, what is finished, how long it took; found by the name of its piece. */
const format = useFormat();
const rows = ref<MakingRow[] | null>(null);
const trouble = ref("");
const asked = ref("");
const q = refDebounced(asked, 150);
const gone = ref<MakingRow | null>(null);
async function load() {
  try {
    rows.value = (await api.makings(q.value ? { q: q.value } : {})).makings;
    trouble.value = "";
  } catch {
    trouble.value = "The log cannot be read: Meander cannot be reached";
  }
}
watch(q, load, { immediate: true });
async function aside(row: MakingRow) {
  await api.setMakingAside(row.id).catch(() => undefined);
  gone.value = row;
  await load();
}
async function back() {
  if (gone.value) await api.restoreMaking(gone.value.id).catch(() => undefined);
  gone.value = null;
  await load();
}
const day = (at: string | number) => new Date(at).toLocaleDateString(undefined, { dateStyle: "medium" });
const bench = computed(() => (rows.value ?? []).filter((row) => !row.finished_at));
const ended = computed(() => (rows.value ?? []).filter((row) => row.finished_at));
const hours = computed(() => (rows.value ?? []).reduce((sum, row) => sum + row.worked_ms, 0) / 60000);
const GROUPS = computed(() => [
  { name: "On the bench", rows: bench.value },
  { name: "Finished", rows: ended.value },
]);
const csv = computed(() => `/api/makings.csv${q.value ? `?${new URLSearchParams({ q: q.value })}` : ""}`);
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4">
    <h1>The log</h1>
    <div class="d-flex flex-wrap align-items-center gap-3 mb-2">
      <BFormInput
        v-model="asked"
        type="search"
        class="w-auto"
        placeholder="A piece"
        aria-label="Find makings of a piece"
      />
      <span v-if="rows" class="quiet figures"
        >{{ rows.length }} {{ rows.length === 1 ? "making" : "makings" }}, {{ format.time(hours) }} in all</span
      >
      <a class="ms-auto" :href="csv" download>Take out as CSV</a>
    </div>
    <p v-if="gone" class="alert alert-secondary d-flex align-items-center gap-3" role="status">
      The making of {{ gone.name }} is set aside.
      <BButton variant="outline-primary" @click="back">Bring it back</BButton>
    </p>
    <p v-if="trouble" class="alert alert-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!rows" role="status">Reading the log…</p>
    <p v-else-if="!rows.length" class="sentence">
      {{ q ? "No making is of such a piece." : "Nothing was made yet: open a piece, its order of work, and begin." }}
    </p>
    <template v-for="group in GROUPS" :key="group.name">
      <section v-if="group.rows.length" class="panel mb-3" :aria-label="group.name">
        <h2>{{ group.name }}</h2>
        <ul class="list-unstyled mb-0">
          <li
            v-for="row in group.rows"
            :key="row.id"
            class="making-row d-flex flex-wrap align-items-center column-gap-3 py-2 border-bottom"
          >
            <RouterLink :to="`/makings/${row.id}`" class="serif fs-5 text-truncate">{{ row.name }}</RouterLink>
            <span class="figures quiet">begun {{ day(row.begun_at) }}</span>
            <span class="figures">{{ row.done }} of {{ row.of }} steps, {{ format.time(row.worked_ms / 60000) }}</span>
            <span v-if="row.differs" class="figures">{{ row.differs }} other than planned</span>
            <span v-if="row.finished_at" class="figures quiet">finished {{ day(row.finished_at) }}</span>
            <BButton
              variant="link"
              class="ms-auto"
              :aria-label="`Set the making of ${row.name} aside`"
              @click="aside(row)"
              >Set aside</BButton
            >
          </li>
        </ul>
      </section>
    </template>
  </main>
</template>

<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef } from "vue";
import { useRouter } from "vue-router";
import AskText from "../common/AskText.vue";
import SiteBar from "../common/SiteBar.vue";
import { useElementWidth } from "../common/useElementWidth";
import { useCommands } from "../keys/commands";
import FaultyItem from "./FaultyItem.vue";
import { KINDS } from "./kinds";
import NewPiece from "./NewPiece.vue";
import ShelfItem from "./ShelfItem.vue";
import { useShelf } from "./useShelf";
import { type Hung, SORTS, useWall } from "./useWall";

/** All pieces on a wall, drawn to one scale, the one that was changed last first. */
const router = useRouter();
const shelf = useShelf();
const list = ref<HTMLElement | null>(null);
const width = useElementWidth(list);
const pieces = computed(() => shelf.shelf.value?.pieces ?? []);
const wall = useWall(pieces);

/** Pixels per mm, the same for all: the longest piece fits the wall. */
const MOST_PX = 2.7;
const MARGIN_PX = 60;
const scale = computed(() => {
  const across = (piece: Hung) =>
    piece.fault || piece.strip ? 0 : Math.max(...piece.extent.map(([low, high]) => high! - low!));
  const longest = pieces.value.reduce((most, piece) => Math.max(most, across(piece)), 120);
  return Math.min(MOST_PX, Math.max((width.value - MARGIN_PX) / longest, 1));
});

async function open(piece: Promise<{ id: string } | undefined>) {
  const opened = await piece;
  if (opened) await router.push(`/pieces/${opened.id}`);
}
const starting = ref(false);
const removed = ref(false);
/** The piece that is named anew or put in a collection. */
const asked = ref<{ piece: Hung; what: "name" | "collection" } | null>(null);
const asking = computed({ get: () => asked.value !== null, set: (on) => !on && (asked.value = null) });
function said(text: string) {
  const { piece, what } = asked.value!;
  asked.value = null;
  if (what === "name") void shelf.rename(piece.id, text);
  else void shelf.collect(piece.id, text || null);
}
const search = useTemplateRef<{ focus: () => void }>("search");
useCommands(() => [
  { words: "Begin a new piece", key: "n", run: () => (starting.value = true) },
  { words: "Find a piece on the shelf", key: "f", run: () => search.value?.focus() },
  ...KINDS.map(({ key, name }) => ({ words: `New ${name.toLowerCase()}`, run: () => void open(shelf.start(key)) })),
  ...pieces.value.map((piece) => ({
    words: `Open ${piece.name}`,
    run: () => void router.push(`/pieces/${piece.id}`),
    off: piece.fault && "cannot be planned",
  })),
]);
onMounted(shelf.load);
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4 shelf">
    <div class="d-flex flex-wrap align-items-center gap-2 mb-3">
      <h1 class="me-3">The shelf</h1>
      <BButton variant="primary" title="n" @click="starting = true">New piece</BButton>
      <BButtonGroup v-if="wall.collections.value.length" aria-label="Collection">
        <BButton
          v-for="name in ['', ...wall.collections.value]"
          :key="name"
          variant="outline-secondary"
          :pressed="wall.collection.value === name"
          @click="wall.choose(name)"
          >{{ name || "All" }}</BButton
        >
      </BButtonGroup>
      <span class="flex-fill" />
      <BFormInput
        ref="search"
        v-model="wall.wanted.value"
        type="search"
        class="w-auto"
        placeholder="Find"
        aria-label="Find a piece"
      />
      <BFormSelect v-model="wall.sort.value" class="w-auto" :options="SORTS" aria-label="In which order" />
    </div>
    <BAlert v-if="shelf.trouble.value.length" :model-value="true" variant="danger" class="faults">
      <p v-for="line in shelf.trouble.value" :key="line">{{ line }}</p>
    </BAlert>
    <div v-if="!shelf.shelf.value && !shelf.trouble.value.length" role="status">
      <span class="visually-hidden">Laying out the shelf…</span>
      <BPlaceholder
        v-for="i in 6"
        :key="i"
        class="shelf-item d-flex flex-column justify-content-end mw-100 placeholder-wave"
        width="220px"
      />
    </div>
    <p v-else-if="shelf.shelf.value && !pieces.length" class="empty p-5 serif fs-4">
      Nothing on the shelf. Start a new piece: it comes with common sizes, ready to be changed.
    </p>
    <p v-else-if="!wall.shown.value.length" class="empty p-5 serif fs-4">
      No piece is called so.
      <BButton variant="link" @click="wall.wanted.value = ''">Show all</BButton>
    </p>
    <ul ref="list" class="shelf-wall d-flex flex-wrap" aria-label="Pieces">
      <template v-for="piece in wall.shown.value" :key="piece.id">
        <FaultyItem v-if="piece.fault" :piece="piece" @mend="shelf.mend(piece.id)" @set-aside="shelf.setAside(piece)" />
        <ShelfItem
          v-else
          :piece="piece"
          :scale="scale"
          @rename="asked = { piece, what: 'name' }"
          @collect="asked = { piece, what: 'collection' }"
          @duplicate="shelf.duplicate(piece.id)"
          @set-aside="shelf.setAside(piece)"
          @stale="shelf.load"
        />
      </template>
    </ul>
    <div v-if="shelf.shelf.value?.set_aside.length" class="mt-4">
      <BButton variant="link" :aria-expanded="removed" @click="removed = !removed">
        Deleted pieces ({{ shelf.shelf.value.set_aside.length }})
      </BButton>
      <ul v-if="removed" class="ms-3">
        <li v-for="piece in shelf.shelf.value.set_aside" :key="piece.id">
          {{ piece.name }}
          <BButton variant="link" :aria-label="`Bring back ${piece.name}`" @click="shelf.restore(piece.id)"
            >Bring back</BButton
          >
        </li>
      </ul>
    </div>
    <NewPiece
      v-model="starting"
      @start="(kind) => open(shelf.start(kind))"
      @bring-in="(file) => open(shelf.bringIn(file))"
    />
    <AskText
      v-if="asked"
      v-model="asking"
      :title="asked.what === 'name' ? `A new name for ${asked.piece.name}` : `${asked.piece.name} hangs in`"
      :label="asked.what === 'name' ? 'New name' : 'Collection'"
      :value="(asked.what === 'name' ? asked.piece.name : asked.piece.collection) ?? ''"
      :most="asked.what === 'name' ? 120 : 60"
      :known="asked.what === 'name' ? [] : wall.collections.value"
      :empty="asked.what === 'collection'"
      @said="said"
    />
  </main>
</template>

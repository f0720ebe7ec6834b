<script setup lang="ts">
import { useElementWidth } from "../common/useElementWidth";
import { computed, onMounted, ref } from "vue";
import { RouterLink, useRouter } from "vue-router";
import SettingsBar from "../common/SettingsBar.vue";
import type { FaultyPiece, ShelfPiece } from "../api/client";
import FaultyRow from "./FaultyRow.vue";
import ShelfRow from "./ShelfRow.vue";
import { useShelf } from "./useShelf";

/** All pieces, drawn to one scale. */
const router = useRouter();
const shelf = useShelf();
const list = ref<HTMLElement | null>(null);
const width = useElementWidth(list);
const pieces = computed(() => shelf.shelf.value?.pieces ?? []);
const whole = computed(() => pieces.value.filter((piece): piece is ShelfPiece => !piece.fault));
const isFaulty = (piece: ShelfPiece | FaultyPiece): piece is FaultyPiece => piece.fault !== undefined;

/** Room beside the strips: the band from above, and loops and hooks beyond the wearing length. */
const BAND_PX = 148;
const OVERHANG_MM = 14;
const scale = computed(() => {
  const longest = Math.max(
    120,
    ...whole.value.map(
      (piece) =>
        (piece.strip && piece.worn?.strip_mm) ||
        Math.max(...piece.extent.map(([low, high]) => high! - low!)) - OVERHANG_MM + 4,
    ),
  );
  return Math.max((width.value - BAND_PX) / (longest + OVERHANG_MM), 1);
});

async function open(piece: Promise<{ id: string } | undefined>) {
  const opened = await piece;
  if (opened) await router.push(`/pieces/${opened.id}`);
}
function bringIn(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (file) void open(shelf.bringIn(file));
}
onMounted(shelf.load);
</script>

<template>
  <main class="shelf">
    <header class="shelf-head">
      <h1>Meander</h1>
      <p class="promise">Know before you cut, and keep count while you make.</p>
      <SettingsBar />
    </header>
    <div class="shelf-actions">
      <button type="button" class="act" @click="open(shelf.start('cuff'))">New cuff</button>
      <button type="button" class="act" @click="open(shelf.start('ring'))">New ring</button>
      <button type="button" class="act" @click="open(shelf.start('bracelet'))">New bracelet</button>
      <button type="button" class="act" @click="open(shelf.start('links'))">New links</button>
      <button type="button" class="act" @click="open(shelf.start('earring'))">New earrings</button>
      <button type="button" class="act" @click="open(shelf.start('pendant'))">New pendant</button>
      <button type="button" class="act" @click="open(shelf.start('component'))">New component</button>
      <RouterLink to="/tray" class="act">The bead tray</RouterLink>
      <label class="act bring-in"
        >Bring in a piece…<input type="file" accept=".json,application/json" @change="bringIn"
      /></label>
    </div>
    <div v-if="shelf.trouble.value.length" class="panel faults" role="alert">
      <p v-for="line in shelf.trouble.value" :key="line">{{ line }}</p>
    </div>
    <p v-if="shelf.gone.value" class="undo-bar" role="status">
      Deleted {{ shelf.gone.value.name }}.
      <button type="button" class="act" @click="shelf.restore(shelf.gone.value!.id)">Undo</button>
    </p>
    <p v-if="!shelf.shelf.value && !shelf.trouble.value.length" role="status">Laying out the shelf…</p>
    <p v-else-if="shelf.shelf.value && !pieces.length" class="empty">
      Nothing on the shelf. Start a new piece: it comes with common sizes, ready to be changed.
    </p>
    <ul ref="list" class="shelf-list" aria-label="Pieces">
      <template v-for="piece in pieces" :key="piece.id">
        <FaultyRow
          v-if="isFaulty(piece)"
          :piece="piece"
          @mend="shelf.mend(piece.id)"
          @set-aside="shelf.setAside(piece)"
        />
        <ShelfRow
          v-else
          :piece="piece"
          :scale="scale"
          @rename="(name) => shelf.rename(piece.id, name)"
          @duplicate="shelf.duplicate(piece.id)"
          @set-aside="shelf.setAside(piece)"
          @stale="shelf.load"
        />
      </template>
    </ul>
    <details v-if="shelf.shelf.value?.set_aside.length" class="set-aside">
      <summary>Deleted pieces ({{ shelf.shelf.value.set_aside.length }})</summary>
      <ul>
        <li v-for="piece in shelf.shelf.value.set_aside" :key="piece.id">
          {{ piece.name }}
          <button
            type="button"
            class="quiet-act"
            :aria-label="`Bring back ${piece.name}`"
            @click="shelf.restore(piece.id)"
          >
            Bring back
          </button>
        </li>
      </ul>
    </details>
  </main>
</template>

<script setup lang="ts">
import { computed } from "vue";
import type { ToldKind } from "../api/client";
import { useBench } from "../bench/useBench";
import LiveSize from "../brief/LiveSize.vue";
import { useFormat } from "../units/format";
import BeadLook from "./BeadLook.vue";

/** A kind of bead the piece uses: its sizes, and which of them were only guessed. */
const props = defineProps<{ index: number; told: ToldKind | undefined; needed: number; stock: number | undefined }>();
const bench = useBench();
const format = useFormat();
const kind = computed(() => bench.draft.value!.tray![props.index]!);
const path = computed(() => `/tray/${props.index}`);
const SIZES = ["length", "width", "hole"] as const;
const NAMES = { length: "long", width: "across", hole: "hole" };
const toggle = (key: (typeof SIZES)[number]) =>
  bench.edit(
    `${path.value}/guessed`,
    kind.value.guessed.includes(key) ? kind.value.guessed.filter((one) => one !== key) : [...kind.value.guessed, key],
  );
</script>

<template>
  <li class="kind-line d-flex gap-3 align-items-center py-2 border-top">
    <BeadLook v-if="told" :look="told.look" :scale="7" />
    <p>
      <b>{{ kind.name }}</b>
      <template v-for="key in SIZES" :key="key"
        >, {{ NAMES[key] }} <LiveSize :path="`${path}/${key}`" :label="`${kind.name}: ${key}`" :by="0.1" />
        <BButton
          variant="outline-secondary"
          class="small"
          :pressed="kind.guessed.includes(key)"
          :aria-label="`${kind.name}: ${key} is guessed`"
          @click="toggle(key)"
        >
          {{ kind.guessed.includes(key) ? "guessed" : "measured" }}
        </BButton></template
      ><template v-if="told">; {{ format.mass(told.mass_g) }} each</template>; <b>{{ needed }}</b> needed<template
        v-if="stock !== undefined"
        >, {{ stock }} in the tray<strong v-if="needed > stock" class="text-danger"
          >: {{ needed - stock }} short</strong
        ></template
      >
    </p>
  </li>
</template>

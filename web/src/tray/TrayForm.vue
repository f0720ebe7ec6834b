<script setup lang="ts">
import { computed, reactive } from "vue";
import type { Catalogue } from "../api/client";
import type { Fault } from "../generated/fault";
import type { Entry } from "./useTray";

/** A kind of bead being put into the tray, or changed there. */
const props = defineProps<{ start: Entry; words: Catalogue["beads"]; faults: Fault[]; title: string }>();
const emit = defineEmits<{ keep: [entry: Entry]; leave: [] }>();
const entry = reactive<Entry>({ ...props.start, guessed: [...props.start.guessed] });
const faultAt = (key: string) =>
  computed(() => props.faults.find((one) => one.path === (key === "stock" ? "/stock" : `/bead/${key}`)));
const SIZES = [
  { key: "length", name: "Length" },
  { key: "width", name: "Width" },
  { key: "hole", name: "Hole" },
] as const;
const TEXTS = [
  { key: "mass", name: "Weight of one in g (empty: worked out)" },
  { key: "stock", name: "To hand" },
] as const;
const found = Object.fromEntries(
  ["name", "length", "width", "hole", "mass", "stock", "colour"].map((key) => [key, faultAt(key)]),
);
const wrong = (key: string) => found[key]?.value;
const said = (key: string) => {
  const fault = wrong(key);
  return fault ? `${fault.message}; accepted: ${fault.accepted}` : undefined;
};
</script>

<template>
  <form class="panel tray-form" :aria-label="title" @submit.prevent="emit('keep', entry)" @keydown.esc="emit('leave')">
    <h2>{{ title }}</h2>
    <label
      >Name
      <input v-model="entry.name" type="text" :aria-invalid="wrong('name') ? true : undefined" :title="said('name')" />
    </label>
    <label
      >Of
      <select v-model="entry.material" aria-label="Material">
        <option v-for="one in words.materials" :key="one.key" :value="one.key">{{ one.name }}</option>
      </select>
    </label>
    <label
      >Shape
      <select v-model="entry.shape">
        <option v-for="one in words.shapes" :key="one.key" :value="one.key">{{ one.name }}</option>
      </select>
    </label>
    <span v-for="size in SIZES" :key="size.key" class="tray-size">
      <label
        >{{ size.name }}
        <input
          v-model="entry[size.key]"
          type="text"
          class="figures"
          :aria-invalid="wrong(size.key) ? true : undefined"
          :title="said(size.key)"
        />
      </label>
      <label class="check"
        ><input v-model="entry.guessed" type="checkbox" :value="size.key" :aria-label="`${size.name} is guessed`" />
        guessed</label
      >
    </span>
    <label
      >Drilled
      <select v-model="entry.drilled">
        <option value="along">along its length</option>
        <option value="across">across it</option>
      </select>
    </label>
    <label v-for="text in TEXTS" :key="text.key"
      >{{ text.name }}
      <input
        v-model="entry[text.key]"
        type="text"
        inputmode="decimal"
        class="figures"
        :aria-invalid="wrong(text.key) ? true : undefined"
        :title="said(text.key)"
      />
    </label>
    <label>Colour <input v-model="entry.colour" type="color" /></label>
    <ul v-if="props.faults.length" class="faults" role="alert">
      <li v-for="fault in props.faults" :key="fault.path">
        <b>{{ fault.path.split("/").at(-1) }}</b>: {{ fault.message }} (given “{{ fault.given }}”). Accepted:
        {{ fault.accepted }}{{ fault.likely.length ? `; likely ${fault.likely.join(" or ")}` : "" }}.
      </li>
    </ul>
    <p class="tray-acts">
      <button type="submit" class="act">Keep it</button>
      <button type="button" class="quiet-act" @click="emit('leave')">Leave it</button>
    </p>
  </form>
</template>

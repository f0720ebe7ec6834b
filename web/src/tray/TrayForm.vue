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
  <form
    class="panel tray-form d-flex flex-wrap gap-3 align-items-end mb-3"
    :aria-label="title"
    @submit.prevent="emit('keep', entry)"
    @keydown.esc="emit('leave')"
  >
    <h2 class="w-100">{{ title }}</h2>
    <label
      >Name
      <BFormInput v-model="entry.name" :state="wrong('name') ? false : undefined" :title="said('name')" />
    </label>
    <label
      >Of
      <BFormSelect v-model="entry.material" aria-label="Material">
        <option v-for="one in words.materials" :key="one.key" :value="one.key">{{ one.name }}</option>
      </BFormSelect>
    </label>
    <label
      >Shape
      <BFormSelect v-model="entry.shape">
        <option v-for="one in words.shapes" :key="one.key" :value="one.key">{{ one.name }}</option>
      </BFormSelect>
    </label>
    <span v-for="size in SIZES" :key="size.key" class="d-flex align-items-end gap-2">
      <label
        >{{ size.name }}
        <BFormInput
          v-model="entry[size.key]"
          class="figures"
          :state="wrong(size.key) ? false : undefined"
          :title="said(size.key)"
        />
      </label>
      <label class="check d-flex align-items-center gap-1"
        ><input
          v-model="entry.guessed"
          class="form-check-input"
          type="checkbox"
          :value="size.key"
          :aria-label="`${size.name} is guessed`"
        />
        guessed</label
      >
    </span>
    <label
      >Drilled
      <BFormSelect v-model="entry.drilled">
        <option value="along">along its length</option>
        <option value="across">across it</option>
      </BFormSelect>
    </label>
    <label v-for="text in TEXTS" :key="text.key"
      >{{ text.name }}
      <BFormInput
        v-model="entry[text.key]"
        inputmode="decimal"
        class="figures"
        :state="wrong(text.key) ? false : undefined"
        :title="said(text.key)"
      />
    </label>
    <label>Colour <BFormInput v-model="entry.colour" type="color" /></label>
    <ul v-if="props.faults.length" class="alert alert-danger faults w-100" role="alert">
      <li v-for="fault in props.faults" :key="fault.path">
        <b>{{ fault.path.split("/").at(-1) }}</b>: {{ fault.message }} (given “{{ fault.given }}”). Accepted:
        {{ fault.accepted }}{{ fault.likely.length ? `; likely ${fault.likely.join(" or ")}` : "" }}.
      </li>
    </ul>
    <p class="d-flex gap-2 w-100">
      <BButton variant="outline-primary" type="submit">Save</BButton>
      <BButton variant="link" @click="emit('leave')">Cancel</BButton>
    </p>
  </form>
</template>

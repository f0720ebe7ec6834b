<script setup lang="ts">
import { computed } from "vue";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import LiveSize from "../brief/LiveSize.vue";
import LiveWire from "../brief/LiveWire.vue";
import { useSame } from "../common/useSame";
import { useBench } from "../bench/useBench";
import { alike } from "../document/kinds";
import { baseOf, workingOf } from "../document/routes";
import { type Formed, rowsOf, withBend, withExtent, withForm, withMirror, withoutSection, withPlace } from "./document";
import FormParts from "./FormParts.vue";
import { choices, crafts, isFrame, SIDES } from "../choices/choices";
import WiresCutBetween from "./WiresCutBetween.vue";

/** One section of a piece as a sentence, every value in it alive. */
const props = defineProps<{ index: number; current: boolean }>();
const emit = defineEmits<{ choose: [] }>();
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const section = computed(() => piece.value.sections[props.index] as Formed);
const many = computed(() => piece.value.sections.length > 1);
const path = computed(() => `/sections/${props.index}`);
const name = computed(() => `Section ${props.index + 1}`);
const woven = computed(() => (section.value.craft === "weave" ? section.value : null));
const forms = computed(() => (woven.value ? choices().forms : choices().bends));
/** A craft that has no sentence of its own here: what its sections hold is shown as the table of fields has it. */
const other = computed(() => (["weave", "bend"].includes(section.value.craft) ? null : crafts()[section.value.craft]!));
const formKey = computed(() =>
  section.value.craft === "weave" ? (section.value.form?.kind ?? "straight") : (section.value.bend?.kind ?? ""),
);
const parts = computed(() => (other.value ?? forms.value.find((one) => one.key === formKey.value))?.parts ?? []);
const takeForm = (kind: string) =>
  bench.change(woven.value ? withForm(piece.value, props.index, kind) : withBend(piece.value, props.index, kind));

const at = computed(() => section.value.at ?? { kind: "first" as const, turn: 0 });
const PLACES = [
  { key: "first", name: "by itself" },
  { key: "after", name: "on from the end of" },
  { key: "beside", name: "beside" },
  { key: "centre", name: "on the centre of" },
  { key: "mirror", name: "as the mirror image of" },
];
const earlier = useSame(() =>
  rowsOf(piece.value, props.index).map((id) => ({
    key: id,
    name: `section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
);
const onto = computed(() => ("section" in at.value ? at.value.section : earlier.value.at(-1)?.key) ?? "");
const place = (kind: string, id = onto.value) => bench.change(withPlace(piece.value, props.index, kind, id));

const bases = useSame(() => baseOf(piece.value, section.value.id));
const allAlike = computed(() => alike(piece.value, bases.value));
const weaving = useSame(() => workingOf(piece.value, section.value.id));
const weave = computed(
  () => bench.answer.value?.plan.sections.find((one) => one.id === section.value.id)?.strip?.weave.words ?? "",
);
const EXTENTS = [
  { key: "length", name: "over" },
  { key: "repeats", name: "in" },
];
</script>

<template>
  <li class="section-line" :class="{ current }" :data-section="section.id">
    <button
      type="button"
      class="section-number"
      :aria-pressed="current"
      :aria-label="`Put section ${index + 1} on the bench`"
      @click="emit('choose')"
    >
      {{ index + 1 }}
    </button>
    <p class="sentence">
      <template v-if="index > 0">
        Standing
        <LiveChoice
          :value="at.kind"
          :options="PLACES"
          :label="`${name}: where it stands`"
          @change="(kind) => place(kind)"
        />
        <template v-if="'section' in at">
          {{ " "
          }}<LiveChoice
            :value="onto"
            :options="earlier"
            :label="`${name}: the section it stands on`"
            @change="(id) => place(at.kind, id)"
          /> </template
        ><template v-if="at.kind === 'after'"
          >, <LiveSize :path="`${path}/at/bare`" :label="`${name}: bare wire before it`" /> bare between, turned by
          <LiveCount :path="`${path}/at/turn`" :label="`${name}: turned by`" signed />°</template
        >
        <template v-else-if="at.kind === 'first' || at.kind === 'centre'"
          >, turned by <LiveCount :path="`${path}/at/turn`" :label="`${name}: turned by`" signed />°</template
        >
        <template v-else-if="at.kind === 'beside'"
          >, <LiveSize :path="`${path}/at/across`" :label="`${name}: distance beside`" :by="0.5" /> to its
          <LiveChoice
            :value="at.side"
            :options="SIDES"
            :label="`${name}: side it stands on`"
            @change="(key) => bench.edit(`${path}/at/side`, key)"
          />
          side, <LiveSize :path="`${path}/at/along`" :label="`${name}: distance along`" /> along</template
        >:
      </template>
      {{ index > 0 ? "" : woven ? "Of" : "" }}
      <template v-if="allAlike">
        {{ bases.length }} {{ bases.length === 1 ? "wire" : "base wires" }} of
        <LiveWire :wires="bases" :name="`${name}: base wires`" />
      </template>
      <template v-for="(wire, i) in allAlike ? [] : bases" :key="i"
        >{{ i ? " and " : "" }}<LiveWire :wires="[wire]" :name="`${name}: base wire ${i + 1}`"
      /></template>
      <template v-if="other"
        >worked as {{ other.words }}<FormParts :parts="parts" :path="path" :name="name"
      /></template>
      <template v-else>
        bent to a
        <LiveChoice :value="formKey" :options="forms" :label="`${name}: form`" @change="takeForm" />
        <FormParts :parts="parts" :path="`${path}/${woven ? 'form' : 'bend'}`" :name="name" /></template
      ><template v-if="woven"
        >, woven with <LiveWire :wires="weaving" :name="`${name}: weaving wire`" /> in
        <button type="button" class="unfold plain" @click="emit('choose')">{{ weave || "its weave" }}</button>
        <template v-if="!isFrame(formKey)">
          {{ " "
          }}<LiveChoice
            :value="woven.extent?.kind === 'repeats' ? 'repeats' : 'length'"
            :options="EXTENTS"
            :label="`${name}: how far it is woven`"
            @change="(kind) => bench.change(withExtent(piece, index, kind))"
          />
          {{ " "
          }}<LiveCount
            v-if="woven.extent?.kind === 'repeats'"
            :path="`${path}/extent/count`"
            :label="`${name}: repeats`"
          /><LiveSize v-else :path="`${path}/extent/length`" :label="`${name}: woven length`" />{{
            woven.extent?.kind === "repeats" ? " repeats" : ""
          }}, with <LiveSize :path="`${path}/bare/length`" :label="`${name}: bare at each end`" /> bare at each
          end</template
        ></template
      >.
      <template v-if="index === 0 && many">
        It stands turned by <LiveCount :path="`${path}/at/turn`" :label="`${name}: turned by`" signed />°.</template
      >
      <WiresCutBetween v-if="at.kind === 'after'" :index="index" />
      <span class="section-acts">
        <button type="button" class="quiet-act" @click="bench.change(withMirror(piece, index))">Mirror it</button>
        <button
          v-if="many"
          type="button"
          class="quiet-act"
          :aria-label="`Take section ${index + 1} out`"
          @click="bench.change(withoutSection(piece, index))"
        >
          Take it out
        </button>
      </span>
    </p>
  </li>
</template>

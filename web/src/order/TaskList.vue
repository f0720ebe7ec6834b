<script setup lang="ts">
import { useSortable } from "@vueuse/integrations/useSortable";
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from "vue";
import { useBench } from "../bench/useBench";
import { type Task, withSteps } from "./tasks";

/** The tasks of the piece in their order, to be dragged or moved into another; what breaks is told at each. */
const bench = useBench();
const plan = computed(() => bench.answer.value!.plan);
const own = computed(() => (bench.draft.value!.steps ?? []).length > 0);
const tasks = shallowRef<Task[]>([]);
const list = useTemplateRef("list");
/** What was moved last, said aloud. */
const moved = ref("");
watch(
  () => plan.value.tasks,
  (now) => (tasks.value = now),
  { immediate: true },
);
useSortable(list, tasks, {
  handle: ".grip",
  animation: 150,
  onUpdate: (event: { oldIndex?: number; newIndex?: number }) => void move(event.oldIndex!, event.newIndex!),
});

const section = (task: Task) =>
  task.kind === "section" ? plan.value.sections.find((one) => one.id === task.id)?.words : undefined;
const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

async function move(from: number, to: number) {
  const task = tasks.value[from];
  if (!task || to < 0 || to >= tasks.value.length) return;
  const next = tasks.value.filter((_, i) => i !== from);
  next.splice(to, 0, task);
  tasks.value = next;
  moved.value = `${sentence(task.words)}: now ${to + 1} of ${next.length}`;
  await bench.change(
    withSteps(
      bench.draft.value!,
      next.map((one) => one.id),
    ),
  );
}

/** Moves a task by one, the focus with it. */
async function by(at: number, way: 1 | -1) {
  await move(at, at + way);
  await nextTick();
  const row = list.value?.children[at + way];
  const [up, down] = [...(row?.querySelectorAll("button") ?? [])];
  const same = way < 0 ? up : down;
  ((same?.disabled ? (way < 0 ? down : up) : same) ?? undefined)?.focus();
}
const asUsual = () => bench.change(withSteps(bench.draft.value!, []));
</script>

<template>
  <div class="task-list">
    <p class="quiet small mb-2">
      Drag what comes sooner or later. What cannot be done there says why; undo brings the order back.
      <BButton v-if="own" variant="link" class="p-0 align-baseline" @click="asUsual">Back to the usual order</BButton>
    </p>
    <ol ref="list" class="plain mb-3" aria-label="Tasks in their order">
      <li v-for="(task, i) in tasks" :key="`${task.kind} ${task.id}`" class="task d-flex align-items-center gap-2">
        <span class="grip" aria-hidden="true">⠿</span>
        <span class="figures quiet task-number">{{ i + 1 }}</span>
        <span class="flex-fill">
          {{ sentence(task.words) }}<small v-if="section(task)" class="quiet d-block">{{ section(task) }}</small>
          <small v-for="broken in task.breaks" :key="broken" class="text-danger d-block">{{ broken }}</small>
        </span>
        <BButton
          variant="outline-secondary"
          :disabled="i === 0"
          :aria-label="`${sentence(task.words)}: sooner`"
          @click="by(i, -1)"
          >↑</BButton
        >
        <BButton
          variant="outline-secondary"
          :disabled="i === tasks.length - 1"
          :aria-label="`${sentence(task.words)}: later`"
          @click="by(i, 1)"
          >↓</BButton
        >
      </li>
    </ol>
    <p class="visually-hidden" role="status">{{ moved }}</p>
  </div>
</template>

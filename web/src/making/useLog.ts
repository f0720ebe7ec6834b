import { refDebounced } from "@vueuse/core";
import { ref, shallowRef, watch } from "vue";
import { api, ApiProblem } from "../api/client";
import type { Learned, MakingRow } from "../api/makings";

/** The log: found by the name of a piece; makings set aside and brought back; those of a file read back in. */
export function useLog() {
  const rows = shallowRef<MakingRow[] | null>(null);
  const learned = shallowRef<Learned[]>([]);
  const trouble = ref("");
  const read = ref("");
  const asked = ref("");
  const q = refDebounced(asked, 150);
  const gone = ref<MakingRow | null>(null);
  let latest = 0;

  async function load() {
    const mine = ++latest;
    try {
      const found = await api.makings(q.value ? { q: q.value } : {});
      if (mine !== latest) return;
      rows.value = found.makings;
      learned.value = found.learned;
      trouble.value = "";
    } catch {
      if (mine === latest) trouble.value = "The log cannot be read: Meander cannot be reached";
    }
  }
  watch(q, load, { immediate: true });

  async function aside(row: MakingRow) {
    try {
      await api.setMakingAside(row.id);
      gone.value = row;
    } catch {
      trouble.value = "It could not be set aside: Meander cannot be reached";
    }
    await load();
  }
  async function back() {
    if (!gone.value) return;
    await api.restoreMaking(gone.value.id).catch(() => undefined);
    gone.value = null;
    await load();
  }

  /** One making, or all that were taken out together; what cannot be read is told, the rest is kept. */
  async function readIn(file: File) {
    read.value = "";
    const told: string[] = [];
    const found = JSON.parse(await file.text().catch(() => "null")) as { makings?: unknown[] } | null;
    let kept = 0;
    for (const one of found?.makings ?? [found]) {
      try {
        await api.readMaking(one);
        kept++;
      } catch (error) {
        told.push(words(error));
      }
    }
    read.value = [`${kept} read in.`, ...new Set(told)].join(" ");
    await load();
  }
  async function put(file: File) {
    await readIn(file).catch(() => (read.value = `${file.name} is no file of makings.`));
  }
  return { rows, learned, trouble, read, asked, q, gone, aside, back, put };
}

function words(error: unknown) {
  if (!(error instanceof ApiProblem)) return "Meander cannot be reached.";
  const [first] = error.faults;
  return first ? `${first.message}; accepted: ${first.accepted}.` : `${error.message}.`;
}

import { useEventListener, useIntervalFn, useStorage } from "@vueuse/core";
import { computed, ref, shallowRef } from "vue";
import { api, ApiProblem } from "../api/client";
import type { Making, MakingEvent } from "../api/makings";
import { withPending } from "./account";

/** Until what could not be sent is sent again, and how much at once; how much of late can be undone. */
const [AGAIN_MS, AT_ONCE, UNDOABLE] = [3000, 500, 10];

type Happened = MakingEvent extends infer One ? (One extends MakingEvent ? Omit<One, "id" | "at"> : never) : never;

/** A making: what happens is shown at once, kept here until Meander has it, and sent once, however often that is tried. */
export function useMaking(id: string) {
  const making = shallowRef<Making | null>(null);
  const trouble = ref("");
  const away = ref(false);
  const kept = useStorage<MakingEvent[]>(`meander-making-${id}`, []);
  const late = useStorage<MakingEvent[]>(`meander-making-late-${id}`, []);
  const gone = shallowRef<MakingEvent[]>([]);
  const told = computed(() => making.value && withPending(making.value.told, kept.value, gone.value));
  let sending = false;
  /** One by one while something is refused, until it is known what. */
  let atOnce = AT_ONCE;

  function happened(event: Happened) {
    const full = { ...event, id: crypto.randomUUID(), at: Date.now() } as MakingEvent;
    trouble.value = "";
    kept.value = [...kept.value, full];
    if (full.kind !== "undo") late.value = [...late.value, full].slice(-UNDOABLE);
    void send();
  }
  /** What happened last is taken back, one after the other. */
  function undo() {
    const last = late.value.at(-1);
    if (!last) return;
    late.value = late.value.slice(0, -1);
    gone.value = [...gone.value, last].slice(-UNDOABLE);
    happened({ kind: "undo", event: last.id });
  }

  async function send() {
    if (sending || !kept.value.length || !making.value) return;
    sending = true;
    const some = kept.value.slice(0, atOnce);
    try {
      const answer = await api.happened(id, JSON.parse(JSON.stringify(some)));
      const sent = new Set(some.map((one) => one.id));
      making.value = { ...making.value, ...answer };
      kept.value = kept.value.filter((one) => !sent.has(one.id));
      away.value = false;
      atOnce = AT_ONCE;
    } catch (error) {
      refused(error, some);
    } finally {
      sending = false;
    }
    if (kept.value.length && !away.value) void send();
  }
  /** What cannot be taken is told and left out, so that all that follows is kept. */
  function refused(error: unknown, some: MakingEvent[]) {
    away.value = !(error instanceof ApiProblem && error.status === 422);
    if (away.value) return;
    if (some.length > 1) return void (atOnce = 1);
    const [first] = (error as ApiProblem).faults;
    trouble.value = first ? `${first.message}. Accepted: ${first.accepted}.` : (error as ApiProblem).message;
    kept.value = kept.value.filter((one) => one.id !== some[0]!.id);
  }

  async function load() {
    try {
      making.value = await api.making(id);
      trouble.value = "";
      away.value = false;
      void send();
    } catch (error) {
      away.value = !(error instanceof ApiProblem);
      trouble.value = error instanceof ApiProblem ? error.message : "Meander cannot be reached";
    }
  }
  void load();
  useIntervalFn(() => void (making.value ? send() : load()), AGAIN_MS);
  useEventListener(window, "online", () => void send());
  return { making, told, happened, undo, late, trouble, away, waiting: computed(() => kept.value.length), load };
}

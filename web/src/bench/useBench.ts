import { computed, inject, type InjectionKey, onBeforeUnmount, provide, type Ref, ref, shallowRef } from "vue";
import { type Answer, type Asked, api, ApiProblem, type Catalogue, type StoredPiece, type Strip } from "../api/client";
import type { Fault } from "../generated/fault";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { say } from "../common/notices";
import { valueAt, withValue } from "./pointer";
import { whatWasDone } from "./whatWasDone";
import { useDrafts } from "./useDrafts";
import { pictured } from "./pictured";
import { useHistory } from "./useHistory";
import { useSaving } from "./useSaving";
import { inHand } from "./inHand";
import { useUnitsAnew } from "../api/useUnitsAnew";
import { withStepsLeft } from "../order/tasks";

/** A document planned to be looked at: its plan, and the section in hand as a strip of it. */
export interface Tried {
  plan: Plan;
  strip: Strip;
}

/** How long it is before Meander is asked again where it could not be reached, in ms. */
const AGAIN_MS = 3000;

/**
 * One piece on its bench. `draft` is what the maker has typed, `answer` the last document that could be planned with its
 * plan; while the draft has faults the answer stays and nothing typed is lost. Without an id it is a piece that is only
 * tried and never stored.
 */
export function createBench(id: string | null) {
  const draft = shallowRef<Piece | null>(null);
  const answer = shallowRef<Answer | null>(null);
  const catalogue = shallowRef<Catalogue | null>(null);
  const faults = ref<Fault[]>([]);
  const trouble = ref("");
  /** What the rules of today count otherwise than the piece was planned with, told once. */
  const anew = ref("");
  const history = useHistory();
  const saving = useSaving(id ?? "", (saved) => {
    if (saved === draft.value) drafts.drop();
    else drafts.keep({ revision: saving.revision(), document: draft.value! });
  });
  const drafts = useDrafts(id, (document) => {
    exchanged.value++;
    void show(document, true);
  });
  /** Meander cannot be reached: what is typed is kept here, planned and saved once it can be. */
  const away = ref(false);
  let again: ReturnType<typeof setTimeout> | undefined;
  onBeforeUnmount(() => clearTimeout(again));
  /** Grows whenever the document was exchanged for another one, so that fields drop what was typed. */
  const exchanged = ref(0);
  let latest = 0;
  let taking = 0;

  /** Lays out a start of a kind, only to try something. */
  async function lay(kind: Piece["kind"]) {
    try {
      catalogue.value = await api.catalogue();
      draft.value = catalogue.value.starts[kind];
      history.begin(draft.value);
      await replan();
    } catch (error) {
      trouble.value = error instanceof Error ? error.message : "Meander did not answer";
    }
  }

  async function open() {
    try {
      const [piece, words] = await Promise.all([api.open(id!), api.catalogue()]);
      catalogue.value = words;
      adopt(piece);
      drafts.bringBack(piece);
    } catch (error) {
      trouble.value = error instanceof Error ? error.message : "Meander did not answer";
    }
  }

  /** Shows a piece as it is stored. */
  function adopt(piece: StoredPiece) {
    latest++;
    taking++;
    draft.value = piece.document;
    answer.value = piece;
    faults.value = [];
    exchanged.value++;
    history.begin(piece.anew?.document ?? piece.document);
    if (piece.anew) {
      history.keep(piece.document, "");
      anew.value = piece.anew.words;
      void api.seen(id!).catch(() => {});
    }
    saving.opened(piece);
  }

  /** Asks for the draft's plan; a late answer never overwrites a newer one. */
  async function replan(): Promise<"shown" | "late" | "not planned" | "away"> {
    const asked = ++latest;
    try {
      const planned = await pictured(api.plan(draft.value!));
      if (asked !== latest) return "late";
      answer.value = planned;
      faults.value = [];
      trouble.value = "";
      away.value = false;
      return "shown";
    } catch (error) {
      if (asked !== latest) return "not planned";
      away.value = !(error instanceof ApiProblem);
      if (error instanceof ApiProblem && error.faults.length) faults.value = error.faults;
      else
        trouble.value =
          error instanceof ApiProblem ? error.message : "Meander cannot be reached; what you type is kept here";
      return away.value ? "away" : "not planned";
    }
  }

  async function show(document: Piece, remember: boolean, path = "") {
    const words = remember ? whatWasDone(draft.value!, document, path) : "";
    draft.value = document;
    clearTimeout(again);
    drafts.keep({ revision: saving.revision(), document });
    const forget = remember ? history.keep(document, path, words) : () => {};
    const outcome = await saving.during(replan());
    if (outcome === "not planned") forget();
    else if (outcome === "away") again = setTimeout(() => void show(draft.value!, false), AGAIN_MS);
    else if (outcome === "shown" && id) saving.later(document);
  }

  /**
   * Takes a document that was planned elsewhere, unless a newer one is on its way or another document was laid out
   * meanwhile. `change`: the draft that comes of it. What else was changed meanwhile stays, and is planned with it.
   */
  async function take(planned: Promise<Answer>, change: (said: Piece, now: Piece) => Piece) {
    const [asked, before] = [++taking, latest];
    const answered = await saving.during(pictured(planned));
    if (asked !== taking) return;
    if (before !== latest) return show(change(answered.document, draft.value!), true);
    latest++;
    draft.value = change(answered.document, draft.value!);
    answer.value = answered;
    trouble.value = "";
    history.keep(draft.value, "");
    saving.later(draft.value);
  }

  /** Replaces the value at a JSON pointer, or at several. */
  function edit(paths: string | string[], value: unknown) {
    const all = [paths].flat();
    return show(
      all.reduce((document, path) => withValue(document, path, value), draft.value!),
      true,
      all[0],
    );
  }
  /** Replaces the document, no step of its order left that is gone. Changes named alike that follow closely are one step back. */
  const change = (document: Piece, step = "") => show(withStepsLeft(document), true, step);

  /** The section in hand: the one that was chosen last, while there is such a one, else the first. */
  const chosen = ref("");
  const hand = computed(() => {
    const ids = draft.value!.sections.map((one) => one.id);
    return ids.includes(chosen.value) ? chosen.value : ids[0]!;
  });
  const stripIn = (plan?: Plan) => plan?.sections.find((one) => one.id === hand.value)?.strip as Strip;

  function step(to: { document: Piece; words: string } | null, what: string) {
    if (!to) return;
    exchanged.value++;
    taking++;
    say(to.words ? `${what}: ${to.words}` : `${what}.`, undefined, "history");
    void show(to.document, false);
  }

  /** Another tab may have saved meanwhile: with nothing waiting here, its version is shown. */
  async function refresh() {
    if (!id || saving.state.value !== "saved" || faults.value.length) return;
    const piece = await api.open(id).catch(() => null);
    if (piece && piece.revision > saving.revision() && saving.state.value === "saved") adopt(piece);
  }
  addEventListener("focus", refresh);
  useUnitsAnew(() => draft.value && void replan());
  onBeforeUnmount(() => removeEventListener("focus", refresh));

  /** What Meander noticed about the piece as it was planned last. */
  const advice = () => answer.value?.plan.advice ?? [];
  return {
    id: id ?? "",
    draft: draft as Readonly<Ref<Piece | null>>,
    answer: answer as Readonly<Ref<Answer | null>>,
    /** The section in hand: its id, how another one is taken in hand, and the pointer to what it holds. */
    hand,
    choose: (id: string) => (chosen.value = id),
    ...inHand({ draft, answer, catalogue }, () => hand.value),
    /** A document as the core is asked about it, and the section in hand as a strip of it. */
    asked: (document: Piece): Asked => ({ document, section: hand.value }),
    tried: async (document: Piece): Promise<Tried> => {
      const { plan } = await api.plan(document);
      return { plan, strip: stripIn(plan) };
    },
    /** The section in hand as a strip, as the last good plan has it; a section that is not woven has none. */
    strip: computed(() => stripIn(answer.value?.plan)),
    advice,
    catalogue,
    faults,
    trouble,
    anew,
    away,
    drafts,
    exchanged,
    saving,
    lay,
    open,
    adopt,
    replan,
    take,
    edit,
    change,
    /** Where what stands cannot be used, what could be used last comes back first. */
    undo() {
      const last = history.now();
      if (faults.value.length && last) step({ document: last, words: "what could not be used" }, "Undone");
      else step(history.back(), "Undone");
    },
    redo: () => step(history.forth(), "Done again"),
    canUndo: computed(() => history.canUndo.value || faults.value.length > 0),
    canRedo: history.canRedo,
    value: (path: string) => valueAt(draft.value, path),
    /** The number behind a size, as the last good plan read it. */
    read: (path: string) => valueAt(answer.value?.document, path) as { mm: number; typed: string } | undefined,
    faultAt: (path: string) =>
      computed(() => faults.value.find((fault) => fault.path === path || fault.path.startsWith(`${path}/`))),
    adviceAt: (path: string) =>
      computed(() => advice().find((item) => item.place === path && item.severity !== "note")),
  };
}

export type Bench = ReturnType<typeof createBench>;

const KEY: InjectionKey<Bench> = Symbol("bench");

export const provideBench = (bench: Bench) => provide(KEY, bench);

/** The bench this component stands on. */
export function useBench(): Bench {
  const bench = inject(KEY);
  if (!bench) throw new Error("useBench needs a BenchView around it");
  return bench;
}

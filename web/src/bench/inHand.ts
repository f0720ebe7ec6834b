import { computed, type Ref, watch } from "vue";
import type { Answer, Catalogue, OwnWeave, Sample } from "../api/client";
import { kindOf } from "../document/kinds";
import { workingOf } from "../document/routes";
import type { Piece } from "../generated/piece";
import { type Section, section, withBase, withSample, withSection } from "./weave";

/** What is told of the section in hand, and done to its weave. */
export function inHand(
  {
    draft,
    answer,
    catalogue,
  }: { draft: Ref<Piece | null>; answer: Ref<Answer | null>; catalogue: Ref<Catalogue | null> },
  hand: () => string,
) {
  let coils: Section["pattern"] | null = null;
  watch(draft, (piece) => {
    const pattern = piece && section(piece, hand())?.pattern;
    if (pattern?.kind === "coils") coils = pattern;
  });
  const told = computed(() => answer.value?.plan.sections.find((one) => one.id === hand()));
  return {
    /** How it is made, where it is knotted, crocheted, braided. */
    knot: computed(() => told.value?.knot ?? null),
    crochet: computed(() => told.value?.crochet ?? null),
    braid: computed(() => told.value?.braid ?? null),
    /** The pointer to a field of it. */
    path: (field: string) => `/sections/${draft.value!.sections.findIndex((one) => one.id === hand())}/${field}`,
    /** The piece with a coil pattern in it again: the last it had here, or the common one. */
    withCoils: (piece: Piece) =>
      withSection(withBase(piece, hand(), 2), hand(), {
        pattern: coils ?? section(catalogue.value!.starts.cuff, "s1").pattern,
      }),
    /** The piece woven in a weave of the collection, or of the maker's own, which then travels with it. */
    woven: (sample: Sample, own?: OwnWeave): Piece => {
      const { document } = answer.value!;
      const { size } = kindOf(document, workingOf(document, hand())[0]!);
      return { ...withSample(draft.value!, hand(), sample, size.mm ?? 0), weaves: own ? [own] : [] };
    },
  };
}

import { watch } from "vue";
import { sentences } from "./client";

/** Sentences come in the unit they are asked for: once that is another one, they are asked for anew. */
export const useUnitsAnew = (again: () => unknown) => watch(() => sentences.units, again, { flush: "post" });

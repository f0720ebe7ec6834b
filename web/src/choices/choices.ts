/** A value in its sentence: the words before and after it, and how it is changed. */
export interface Part {
  key: string;
  /** flag: a choice between "true" and "false". */
  kind: "size" | "count" | "choice" | "flag";
  label: string;
  before: string;
  after: string;
  /** How far an arrow key moves a size, in mm. */
  by: number;
  options: { key: string; name: string }[];
  /** It may be left to be found by what the piece must meet. */
  open: boolean;
}
/** Something a maker may choose, as it is said in a sentence, and what it begins with. */
export interface Choice {
  key: string;
  name: string;
  parts: Part[];
  start: Record<string, unknown>;
}
/** What a strip may be bent to. round: it closes, or winds, by itself. */
type Formable = Choice & { round?: boolean };
/** All there is to choose from, as the core has it. */
export interface Choices {
  /** frame: it says by itself how far it is woven. */
  forms: (Formable & { frame: boolean })[];
  bends: Choice[];
  strip_forms: Formable[];
  braid_forms: Formable[];
  fabrics: Choice[];
  /** worked: what is left of a weaving wire may be bent to it; through: others may be led through it; leads: it is so. */
  endings: (Choice &
    Record<"holds" | "worked" | "through" | "leads", boolean | undefined> & { wires: "one" | "all" })[];
  /** thread: the beads take a wire of their own. */
  rules: (Choice & { thread: boolean })[];
  findings: (Choice & { metal: boolean })[];
  /** How many values give for a meeting: between two ends, and in the middle of a section. */
  meetings: Record<"touch" | "meet" | "flow", [number, number]>;
}
/** A craft: what one of its sections is called, the rules of beads it carries, and its values for a panel that knows nothing of it. */
export interface Craft {
  words: string;
  beads: string[];
  parts: Part[];
}

let known: { sentences: Choices; crafts: Record<string, Craft> };

/** Takes in what the core offers; nothing is shown before it is here. */
export const learn = (catalogue: typeof known) => (known = catalogue);
export const choices = (): Choices => known.sentences;
export const crafts = (): Record<string, Craft> => known.crafts;
export const named = <T extends Choice>(all: T[], key: string): T => all.find((one) => one.key === key)!;

/** Forms to choose from: none that is round by itself where the whole is bent to what it is worn on, but for what it is. */
export const formsFor = <T extends Formable>(worn: { on: string } | null | undefined, all: T[], now: string): T[] =>
  worn && ["wrist", "finger"].includes(worn.on) ? all.filter((one) => !one.round || one.key === now) : all;

/** A size to begin with. */
export const mm = (value: number) => ({ typed: `${value} mm` });
export const SIDES = [
  { key: "near", name: "near" },
  { key: "far", name: "far" },
];
/** Does what a section is bent to say by itself how far it is woven? */
export const isFrame = ({ craft, form }: { craft: string; form?: { kind: string } }) =>
  craft === "weave" && named(choices().forms, form?.kind ?? "straight").frame;

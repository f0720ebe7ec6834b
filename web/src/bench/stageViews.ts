import type { Plan } from "../generated/plan";
import type { Strip } from "../api/client";

/** What the stage shows. */
export type StageView = "finished" | "strip" | "walk" | "made" | "point" | "space" | "template";

export interface Tab {
  key: StageView;
  name: string;
  /** The single key that shows it. */
  press: string;
  /** Why it cannot be shown now. */
  off?: string | false;
}

/** The views there are of a piece and of the section in hand; `strip`: that section, where it is woven; `craft`: it is braided, crocheted or knotted. */
export function stageViews(plan: Plan, strip: Strip | null, craft: keyof typeof OTHERS | null): Tab[] {
  if (craft) return OTHERS[craft];
  const off = !strip && "only a woven section is a strip";
  const tabs: (Tab | false)[] = [
    (!plan.strip || plan.worn !== null) && { key: "finished", name: "Finished", press: "g" },
    { key: "strip", name: "Strip", press: "i", off },
    { key: "walk", name: "Walk", press: "w", off },
    { key: "made", name: "Watch it made", press: "m", off },
    { key: "point", name: "Point and weave", press: "p", off },
    { key: "space", name: "In space", press: "s" },
    !plan.strip && { key: "template", name: "Template", press: "l" },
  ];
  return tabs.filter((tab) => tab !== false);
}

/** What is no strip is seen finished, and by how it is made: `walk` and `point` are called so. */
const other = (walk: string, point: string): Tab[] => [
  { key: "finished", name: "Finished", press: "g" },
  { key: "walk", name: walk, press: "w" },
  { key: "made", name: "Watch it made", press: "m" },
  { key: "point", name: point, press: "p" },
  { key: "space", name: "In space", press: "s" },
  { key: "template", name: "Template", press: "l" },
];
const OTHERS = {
  braid: other("Crossings", "Point and braid"),
  crochet: other("Chart", "Point and stitch"),
  knot: other("Grid", "Point and knot"),
};

/** These are come back to; what is being done is not. */
export const AT_REST: StageView[] = ["finished", "strip", "walk"];

import type { Plan } from "../generated/plan";

/** Where how many repeats fit depends on how hard they are pushed: from how many to how many, section by section. */
export function asPushed(advice: Plan["advice"], sections: number): string {
  const told = advice
    .filter((item) => item.id === "coils-ride-over")
    .map(({ place, figures: { fewest, most } }) => {
      const where = sections > 1 ? ` in section ${Number(place.split("/")[2]) + 1}` : "";
      return `${fewest} to ${most} repeats${where}`;
    });
  return told.length ? `${told.join(", ")}, as you push` : "";
}

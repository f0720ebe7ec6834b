import { useSettings } from "../settings/useSettings";
import { inches, trimmed } from "./inches";

/** Lengths and masses in the maker's unit. Takes mm and g. */
export function useFormat() {
  const settings = useSettings();
  const inInches = () => settings.units === "in";
  const length = (mm: number) => (inInches() ? inches.length(mm) : `${trimmed(mm, 1)} mm`);
  return {
    /** A length on the piece: 138.4 mm or 5 7/16 in. */
    length,
    /** A length of weaving wire: metres from one metre on. */
    long: (mm: number) =>
      inInches() ? inches.length(mm) : mm >= 1000 ? `${(mm / 1000).toFixed(2)} m` : `${Math.round(mm)} mm`,
    /** What to cut, in whole mm or rounded up to a sixteenth of an inch. */
    cut: (mm: number) => (inInches() ? inches.cut(mm) : `${mm} mm`),
    /** A wire's diameter. */
    wire: (mm: number) => (inInches() ? inches.wire(mm) : `${trimmed(mm, 3)} mm`),
    /** Hours and minutes. */
    time: (minutes: number) => {
      const whole = Math.max(Math.round(minutes), 1);
      return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
    },
    mass: (g: number) => `${g.toFixed(g < 10 ? 2 : 1)} g`,
    signed: (mm: number, words: [string, string]) => `${length(Math.abs(mm))} ${mm < 0 ? words[0] : words[1]}`,
  };
}

/** A number typed without a unit is meant in the maker's unit; the document keeps the unit with it. */
export function withUnit(text: string, units: "mm" | "in"): string {
  return units === "in" && /^[\d.,/ -]+$/.test(text) && /\d/.test(text) ? `${text.trim()} in` : text;
}

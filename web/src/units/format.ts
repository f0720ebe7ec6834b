import { useSettings } from "../settings/useSettings";

const MM_PER_INCH = 25.4;

function trimmed(value: number, digits: number): string {
  const text = value.toFixed(digits);
  return (text.includes(".") ? text.replace(/\.?0+$/, "") : text).replace(/^-0$/, "0");
}

/** Lengths and masses in the maker's unit. Takes mm and g. */
export function useFormat() {
  const settings = useSettings();
  const inches = () => settings.units === "in";
  return {
    /** A length on the piece: 138.4 mm or 5.45 in. */
    length: (mm: number) => (inches() ? `${trimmed(mm / MM_PER_INCH, 2)} in` : `${trimmed(mm, 1)} mm`),
    /** A length of weaving wire: metres from one metre on. */
    long: (mm: number) =>
      inches()
        ? `${trimmed(mm / MM_PER_INCH, 1)} in`
        : mm >= 1000
          ? `${(mm / 1000).toFixed(2)} m`
          : `${Math.round(mm)} mm`,
    /** What to cut, in whole mm or rounded up to a hundredth of an inch. */
    cut: (mm: number) =>
      inches() ? `${(Math.ceil((mm / MM_PER_INCH) * 100 - 1e-6) / 100).toFixed(2)} in` : `${mm} mm`,
    /** A wire's diameter. */
    wire: (mm: number) => (inches() ? `${trimmed(mm / MM_PER_INCH, 4)} in` : `${trimmed(mm, 3)} mm`),
    /** Hours and minutes. */
    time: (minutes: number) => {
      const whole = Math.max(Math.round(minutes), 1);
      return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
    },
    mass: (g: number) => `${g.toFixed(g < 10 ? 2 : 1)} g`,
    signed: (mm: number, words: [string, string]) =>
      `${inches() ? `${trimmed(Math.abs(mm) / MM_PER_INCH, 2)} in` : `${trimmed(Math.abs(mm), 1)} mm`} ${mm < 0 ? words[0] : words[1]}`,
  };
}

/** A number typed without a unit is meant in the maker's unit; the document keeps the unit with it. */
export function withUnit(text: string, units: "mm" | "in"): string {
  return units === "in" && /^[\d.,/ -]+$/.test(text) && /\d/.test(text) ? `${text.trim()} in` : text;
}

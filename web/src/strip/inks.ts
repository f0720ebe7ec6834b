import { isDark } from "../settings/useSettings";

const ink = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** The colours things are drawn over a picture with; they follow the theme. */
export function inks() {
  return {
    dark: isDark.value,
    line: ink("--ink-soft"),
    text: ink("--ink-soft"),
    mark: ink("--accent"),
    ground: ink("--sheet"),
  };
}

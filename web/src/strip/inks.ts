import { useSettings } from "../settings/useSettings";

const ink = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** The colours things are drawn over a strip with; they follow the theme. */
export function inks() {
  return {
    theme: useSettings().theme,
    line: ink("--ink-mat"),
    text: ink("--ink-mat"),
    mark: ink("--accent-mat"),
    ground: ink("--mat-wash"),
  };
}

import { reactive, watchEffect } from "vue";

/** How this maker likes to see things; kept in the browser. */
interface Settings {
  units: "mm" | "in";
  theme: "light" | "dark";
  hand: "right" | "left";
}

const KEY = "meander-settings";

function stored(): Partial<Settings> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "{}") as Partial<Settings>;
  } catch {
    return {};
  }
}

function read(): Settings {
  const kept = stored();
  const dark = matchMedia("(prefers-color-scheme: dark)").matches;
  return {
    units: kept.units === "in" ? "in" : "mm",
    theme: kept.theme === "dark" || kept.theme === "light" ? kept.theme : dark ? "dark" : "light",
    hand: kept.hand === "left" ? "left" : "right",
  };
}

const settings = reactive(read());

watchEffect(() => {
  document.documentElement.dataset.bsTheme = settings.theme;
  localStorage.setItem(KEY, JSON.stringify(settings));
});

/** The one set of settings; change its fields and everything follows. */
export const useSettings = () => settings;

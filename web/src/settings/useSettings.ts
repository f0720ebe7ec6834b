import { toRefs, usePreferredDark, usePreferredReducedMotion, useStorage } from "@vueuse/core";
import { computed, reactive, watchEffect } from "vue";
import { sentences } from "../api/client";

/** How this maker likes to see things; kept in the browser. */
interface Settings {
  units: "mm" | "in";
  theme: "light" | "dark" | "device";
  hand: "right" | "left";
  /** What moves by itself: as the device says, or nothing. */
  motion: "device" | "still";
  /** Whether single keys do something. */
  keys: boolean;
}

const USUAL: Settings = { units: "mm", theme: "device", hand: "right", motion: "device", keys: true };
const CHOICES: { [K in keyof Settings]: Settings[K][] } = {
  units: ["mm", "in"],
  theme: ["light", "dark", "device"],
  hand: ["right", "left"],
  motion: ["device", "still"],
  keys: [true, false],
};

/** What was kept, where it is something that can be chosen. */
function read(text: string): Settings {
  const kept = (() => {
    try {
      return JSON.parse(text) as Record<string, unknown>;
    } catch {
      return {};
    }
  })();
  const good = Object.entries(CHOICES).filter(([key, all]) => (all as unknown[]).includes(kept?.[key]));
  return { ...USUAL, ...Object.fromEntries(good.map(([key]) => [key, kept[key]])) };
}

const kept = useStorage<Settings>("meander-settings", { ...USUAL }, localStorage, {
  serializer: { read, write: JSON.stringify },
});
const settings = reactive(toRefs(kept)) as Settings;

const preferred = usePreferredDark();
export const isDark = computed(() => (settings.theme === "device" ? preferred.value : settings.theme === "dark"));
watchEffect(() => (sentences.units = settings.units));
const reduced = usePreferredReducedMotion();
watchEffect(() => {
  const still = settings.motion === "still" || reduced.value === "reduce";
  document.documentElement.dataset.motion = still ? "still" : "";
});
watchEffect(() => (document.documentElement.dataset.bsTheme = isDark.value ? "dark" : "light"));

/** The one set of settings; change its fields and everything follows. */
export const useSettings = () => settings;

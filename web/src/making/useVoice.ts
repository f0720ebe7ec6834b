import { useStorage } from "@vueuse/core";
import { watch } from "vue";

/** What is heard at the bench, each if the maker wants it: the count, the words of a step, a click with each count. */
export function useVoice(words: () => string | undefined) {
  const count = useStorage("meander-making-spoken", false);
  const step = useStorage("meander-making-steps-spoken", false);
  const click = useStorage("meander-making-click", false);
  let sound: AudioContext | null = null;

  function say(text: string) {
    if (!("speechSynthesis" in window)) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(text));
  }
  /** A short knock, [Hz, s, loudness]. */
  const KNOCK = [660, 0.03, 0.2] as const;
  function knock() {
    sound ??= new AudioContext();
    const [tone, volume] = [sound.createOscillator(), sound.createGain()];
    tone.frequency.value = KNOCK[0];
    volume.gain.value = KNOCK[2];
    tone.connect(volume).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + KNOCK[1]);
  }
  watch(words, (text) => step.value && text && say(text));
  return {
    count,
    step,
    click,
    counted(now: number) {
      if (click.value) knock();
      if (count.value) say(String(now));
    },
  };
}

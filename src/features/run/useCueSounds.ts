import { useEffect, useRef } from "react";
import type { Setting } from "@/records/setting";
import type { Asked } from "@/records/whatNow";

let audio: AudioContext | undefined;

/** A short tone, higher and twice for danger. Needs a tap to have happened on this page before. */
export function playTone(danger: boolean): void {
  try {
    audio ??= new AudioContext();
    const start = audio.currentTime;
    for (const [index, at] of (danger ? [0, 0.35, 0.7] : [0]).entries()) {
      const tone = audio.createOscillator();
      const gain = audio.createGain();
      tone.frequency.value = danger ? 880 + index * 60 : 620;
      gain.gain.setValueAtTime(0.25, start + at);
      gain.gain.exponentialRampToValueAtTime(0.001, start + at + 0.3);
      tone.connect(gain).connect(audio.destination);
      tone.start(start + at);
      tone.stop(start + at + 0.32);
    }
  } catch {
    /* A device without sound still shows the cue. */
  }
  navigator.vibrate?.(danger ? [300, 120, 300, 120, 300] : [200]);
}

/** Whether cues may sound now. */
function soundOn({ cueSound, quietUntil }: Setting, wallNow: number): boolean {
  return cueSound === true && !(quietUntil && Date.parse(quietUntil) > wallNow);
}

/**
 * Sounds once when a thing falls due or an alarm begins. What fell due while the page slept is
 * shown, and sounds as the one thing that it is now, not as many.
 */
export function useCueSounds(
  asked: Asked | undefined,
  preferences: Setting,
  wallNow: number,
): void {
  const heard = useRef<Set<string>>(new Set());
  const key = asked && asked.level !== "later" ? `${asked.subject}-${asked.level}` : undefined;
  const danger = asked?.level === "danger";
  const on = soundOn(preferences, wallNow);
  useEffect(() => {
    if (!key) {
      heard.current.clear();
      return;
    }
    if (heard.current.has(key)) return;
    heard.current.add(key);
    if (on) playTone(danger);
  }, [key, on, danger]);
}

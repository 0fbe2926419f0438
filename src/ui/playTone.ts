let audio: AudioContext | undefined;

/** A short tone, higher and thrice for danger, with a buzz. Needs a tap to have happened on this page before. */
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

import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { recordingTypes, type Recording } from "@/records/attachment";

/** What came of a recording: the sound as the browser wrote it, or why not and what to do. */
export type MadeSound =
  | { ok: true; sound: Pick<Recording, "type" | "seconds" | "data"> }
  | { ok: false; problem: string };

/** A recording under way. */
export interface SoundUnderWay {
  /** Ends it; the same answer however often it is asked. */
  stop: () => Promise<MadeSound>;
}

/** A spoken note is at most so long, s. */
export const longestSeconds = 120;
/* Speech that is understood, and a minute of it under 250 kB. */
const bitsPerSecond = 32000;

const noMicrophone = t`The microphone was not allowed, or there is none. Allow it in the browser, or type the note instead.`;
const nothingHeard = t`Nothing was recorded. Hold the button while you speak.`;

/**
 * Begins to record from the device's microphone. Ends by itself after two minutes. Rejects with a sentence where
 * the microphone is refused or missing.
 */
export async function recordSound(onEnd: (made: MadeSound) => void): Promise<SoundUnderWay> {
  const devices = typeof navigator === "undefined" ? undefined : navigator.mediaDevices;
  if (!devices?.getUserMedia || typeof MediaRecorder === "undefined") throw new Error(noMicrophone);
  let stream: MediaStream;
  try {
    stream = await devices.getUserMedia({ audio: true });
  } catch {
    throw new Error(noMicrophone);
  }
  const type = recordingTypes.find((each) => MediaRecorder.isTypeSupported(each));
  const recorder = new MediaRecorder(stream, {
    audioBitsPerSecond: bitsPerSecond,
    ...(type ? { mimeType: type } : {}),
  });
  const parts: Blob[] = [];
  const begun = performance.now();
  const made = new Promise<MadeSound>((resolve) => {
    recorder.ondataavailable = ({ data }) => parts.push(data);
    recorder.onstop = () => {
      for (const track of stream.getTracks()) track.stop();
      resolve(soundOf(parts, recorder.mimeType, (performance.now() - begun) / 1000));
    };
  });
  void made.then(onEnd);
  recorder.start();
  const timer = setTimeout(() => recorder.stop(), longestSeconds * 1000);
  return {
    stop() {
      clearTimeout(timer);
      if (recorder.state !== "inactive") recorder.stop();
      return made;
    },
  };
}

async function soundOf(
  parts: readonly Blob[],
  mimeType: string,
  seconds: number,
): Promise<MadeSound> {
  const type = recordingTypes.find((each) => mimeType.startsWith(each));
  const bytes = new Uint8Array(await new Blob([...parts]).arrayBuffer());
  if (!type || bytes.length === 0) return { ok: false, problem: nothingHeard };
  const data = base64(bytes);
  if (data.length > limits.recordingLetters.max)
    return { ok: false, problem: t`That note is too long to keep. Speak a shorter one.` };
  return { ok: true, sound: { type, seconds: Math.min(seconds, longestSeconds), data } };
}

function base64(bytes: Uint8Array): string {
  const chunk = 0x8000;
  let text = "";
  for (let from = 0; from < bytes.length; from += chunk)
    text += String.fromCharCode(...bytes.subarray(from, from + chunk));
  return btoa(text);
}

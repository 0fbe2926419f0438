import type { OpenSource } from "./instrumentLine";
import type { Heard } from "./sharedSource";

/** Instruments of practice stills: what they send comes over the same lines as a real one's, from within the page. */
export function openPracticeSource(): {
  open: OpenSource;
  /** Sends a message as an instrument would. */
  send(id: string, text: string): void;
} {
  const hearing = new Map<string, Heard>();
  return {
    open(id, heard) {
      hearing.set(id, heard);
      heard.onOpen();
      return () => {
        if (hearing.get(id) === heard) hearing.delete(id);
      };
    },
    send(id, text) {
      hearing.get(id)?.onMessage(text);
    },
  };
}

import { openPracticeSource } from "@/instruments/practiceSource";
import { openLogbook } from "@/store/openLogbook";
import { openStore } from "@/store/openStore";
import type { AppStore } from "@/store/store";

interface PracticeLogbook {
  store: AppStore;
  /** Sends what a practice still's instrument says. */
  send: (id: string, text: string) => void;
}

let open: PracticeLogbook | undefined;

/** The logbook that practice writes in, opened once a tab: no run, still or bottle of the person's lies in it. */
export function practiceLogbook(): PracticeLogbook {
  if (open) return open;
  const source = openPracticeSource();
  const store = openStore("sereno-practice", source.open);
  void store.dispatch(openLogbook());
  open = { store, send: source.send };
  return open;
}

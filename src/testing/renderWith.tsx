import { render } from "@testing-library/react";
import type { ReactElement } from "react";
import { Provider } from "react-redux";
import type { AnyRecord } from "@/records/record";
import { recordsReceived } from "@/store/recordSlice";
import { createStore } from "@/store/store";
import { memoryStorage } from "./memoryStorage";
import { surroundings } from "./surroundings";

/** Shows a screen over a logbook that holds some records. */
export function renderWith(screen: ReactElement, records: AnyRecord[], backend = memoryStorage()) {
  const store = createStore(surroundings(backend));
  store.dispatch(recordsReceived({ records }));
  return { store, backend, ...render(<Provider store={store}>{screen}</Provider>) };
}

import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import { useFonts } from "expo-font";
import { YoungSerif_400Regular } from "@expo-google-fonts/young-serif/400Regular";
import { AtkinsonHyperlegibleNext_400Regular } from "@expo-google-fonts/atkinson-hyperlegible-next/400Regular";
import { AtkinsonHyperlegibleNext_600SemiBold } from "@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold";
import { AtkinsonHyperlegibleNext_700Bold } from "@expo-google-fonts/atkinson-hyperlegible-next/700Bold";
import { useEffect, useState, type ReactNode } from "react";
import { Provider } from "react-redux";
import { deviceLanguage, speak } from "@/core/units/language";
import { openInstrumentLines } from "@/instruments/instrumentLines";
import { startSharing } from "@/exchange/share/startSharing";
import { askToKeep } from "@/storage/askToKeep";
import { exclusiveAccess } from "@/storage/exclusive";
import { openDraftStorage } from "@/storage/draftStorage";
import { holdLeaving } from "@/storage/holdLeaving";
import { instantStorage, openJournal } from "@/storage/journal";
import { chosenLogbook } from "@/storage/logbookChoice";
import { openAttachmentStorage } from "@/storage/attachmentStorage";
import { openRecordStorage } from "@/storage/recordStorage";
import { openSampleStorage } from "@/storage/sampleStorage";
import { openShareStorage } from "@/storage/shareStorage";
import { openTabNotices } from "@/storage/tabNotices";
import { openLogbook } from "@/store/openLogbook";
import { createStore, type AppStore } from "@/store/store";
import { openKeepClient, type KeepTexts } from "@/workers/keepClient";
import { ChartSaving, type ChartTable } from "@/ui/charts/ReadableChart";
import { retryParts } from "@/ui/partsLoading";
import { keepAppHere } from "./serviceWorker";
import { Shell } from "./Shell";

speak(deviceLanguage());

/* Of the few who save one; not with the first screen. */
const chartFiles = () => import("@/exchange/saveChart");
const savedCharts = {
  drawing: (svg: SVGElement, table: ChartTable) =>
    void chartFiles().then(({ saveDrawing }) => saveDrawing(svg, table)),
  figures: (table: ChartTable) => void chartFiles().then(({ saveFigures }) => saveFigures(table)),
};

/** Opens the chosen logbook and shows the app over it. */
export function AppRoot({ children }: { children: ReactNode }) {
  const [store] = useState(openStore);
  useFonts({
    YoungSerif_400Regular,
    Atkinson_400: AtkinsonHyperlegibleNext_400Regular,
    Atkinson_600: AtkinsonHyperlegibleNext_600SemiBold,
    Atkinson_700: AtkinsonHyperlegibleNext_700Bold,
  });
  useEffect(() => {
    retryParts();
    void askToKeep();
    void keepAppHere();
    const following = store.dispatch(openLogbook());
    void startSharing(store);
    return () => void following.then((stop) => stop());
  }, [store]);
  return (
    <Provider store={store}>
      <ChartSaving.Provider value={savedCharts}>
        <Shell>{children}</Shell>
      </ChartSaving.Provider>
    </Provider>
  );
}

function openStore(): AppStore {
  const logbook = chosenLogbook();
  const backend = createAsyncStorage(logbook);
  const exclusive = exclusiveAccess(logbook);
  const storage = openRecordStorage(backend, exclusive);
  const samples = openSampleStorage(backend, exclusive);
  const keepTexts = keepTextsOf(logbook);
  return createStore({
    logbook,
    storage,
    samples,
    attachments: openAttachmentStorage(backend, exclusive),
    drafts: openDraftStorage(backend, keepTexts, holdLeaving),
    instruments: openInstrumentLines(samples),
    notices: openTabNotices(logbook),
    share: openShareStorage(backend, exclusive),
    journal: openJournal({
      logbook,
      instant: instantStorage(),
      database: backend,
      keepTexts,
    }),
    now: () => new Date(),
  });
}

/** The thread that stores; undefined where a browser has none: then the page stores for itself. */
function keepTextsOf(logbook: string): KeepTexts | undefined {
  try {
    return openKeepClient(logbook);
  } catch {
    return undefined;
  }
}

import { useFonts } from "expo-font";
import { YoungSerif_400Regular } from "@expo-google-fonts/young-serif/400Regular";
import { AtkinsonHyperlegibleNext_400Regular } from "@expo-google-fonts/atkinson-hyperlegible-next/400Regular";
import { AtkinsonHyperlegibleNext_600SemiBold } from "@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold";
import { AtkinsonHyperlegibleNext_700Bold } from "@expo-google-fonts/atkinson-hyperlegible-next/700Bold";
import { useEffect, useState, type ReactNode } from "react";
import { Provider } from "react-redux";
import { deviceLanguage, speak } from "@/core/units/language";
import { startSharing } from "@/exchange/share/startSharing";
import { askToKeep } from "@/storage/askToKeep";
import { chosenLogbook } from "@/storage/logbookChoice";
import { keepMarkAnswers } from "@/storage/markAnswers";
import { openLogbook } from "@/store/openLogbook";
import { openStore } from "@/store/openStore";
import { ChartSaving, type ChartTable } from "@/ui/charts/ReadableChart";
import { keepAppHere } from "./serviceWorker";
import { Shell } from "./Shell";

speak(deviceLanguage());
keepMarkAnswers();

/* Of the few who save one; not with the first screen. */
const chartFiles = () => import("@/exchange/saveChart");
const savedCharts = {
  drawing: (svg: SVGElement, table: ChartTable) =>
    void chartFiles().then(({ saveDrawing }) => saveDrawing(svg, table)),
  figures: (table: ChartTable) => void chartFiles().then(({ saveFigures }) => saveFigures(table)),
};

/** Opens the chosen logbook and shows the app over it. */
export function AppRoot({ children }: { children: ReactNode }) {
  const [store] = useState(() => openStore(chosenLogbook()));
  useFonts({
    YoungSerif_400Regular,
    Atkinson_400: AtkinsonHyperlegibleNext_400Regular,
    Atkinson_600: AtkinsonHyperlegibleNext_600SemiBold,
    Atkinson_700: AtkinsonHyperlegibleNext_700Bold,
  });
  useEffect(() => {
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

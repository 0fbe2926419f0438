import { readFileSync } from "node:fs";
import { openLabelFonts } from "@/exchange/labels/labelFonts";

const file = (name: string) =>
  new Uint8Array(readFileSync(require.resolve(`@expo-google-fonts/${name}`)));

/** The fonts of the labels out of their packages, for tests in Node. */
export const testLabelFonts = () =>
  openLabelFonts({
    title: file("young-serif/400Regular/YoungSerif_400Regular.ttf"),
    body: file("atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf"),
    bold: file("atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf"),
    wide: file("noto-serif/400Regular/NotoSerif_400Regular.ttf"),
  });

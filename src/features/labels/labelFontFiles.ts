import { Asset } from "expo-asset";
import { openLabelFonts, type LabelFonts } from "@/exchange/labels/labelFonts";

const files = {
  title: require("@expo-google-fonts/young-serif/400Regular/YoungSerif_400Regular.ttf"),
  body: require("@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf"),
  bold: require("@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf"),
  wide: require("@expo-google-fonts/noto-serif/400Regular/NotoSerif_400Regular.ttf"),
} as Record<"title" | "body" | "bold" | "wide", number>;

let opened: Promise<LabelFonts> | undefined;

/** The fonts that labels are set in, out of the app's own files; read once. */
export function labelFonts(): Promise<LabelFonts> {
  opened ??= read().catch((error: unknown) => {
    opened = undefined;
    throw error;
  });
  return opened;
}

async function read(): Promise<LabelFonts> {
  const file = async (name: keyof typeof files) => {
    const answer = await fetch(Asset.fromModule(files[name]).uri);
    if (!answer.ok) throw new Error(`a font of the labels did not come: ${answer.status}`);
    return new Uint8Array(await answer.arrayBuffer());
  };
  const [title, body, bold, wide] = await Promise.all([
    file("title"),
    file("body"),
    file("bold"),
    file("wide"),
  ]);
  return openLabelFonts({ title, body, bold, wide });
}

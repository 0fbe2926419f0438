import { useRouter } from "expo-router";
import { useEffect, useState } from "react";
import { View } from "react-native";
import { drop, placeFor } from "@/exchange/dropped";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";

/** A file dropped anywhere on the window goes to the screen that takes it. */
export function DropWatch() {
  const router = useRouter();
  const [refused, setRefused] = useState<string>();
  useEffect(() => {
    const carriesFile = (event: DragEvent) => event.dataTransfer?.types.includes("Files") ?? false;
    const over = (event: DragEvent) => {
      if (carriesFile(event)) event.preventDefault();
    };
    const dropped = (event: DragEvent) => {
      const file = event.dataTransfer?.files[0];
      if (!file) return;
      event.preventDefault();
      const place = placeFor(file);
      setRefused(place ? undefined : file.name);
      if (!place) return;
      drop(file);
      router.push(place);
    };
    window.addEventListener("dragover", over);
    window.addEventListener("drop", dropped);
    return () => {
      window.removeEventListener("dragover", over);
      window.removeEventListener("drop", dropped);
    };
  }, [router]);
  if (!refused) return null;
  return (
    <View role="alert" className="flex-row items-center gap-3 bg-oil-wash px-4 py-1">
      <Txt className="min-w-0 flex-1 text-oil-ink">{t`${refused} cannot be brought in. Drop a logbook (.json) or a table of runs (.csv).`}</Txt>
      <Button look="plain" size="small" label={t`Close`} onPress={() => setRefused(undefined)} />
    </View>
  );
}

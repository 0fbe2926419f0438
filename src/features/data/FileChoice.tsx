import { useRef } from "react";
import { View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { Button } from "@/ui/primitives/Button";

/** A button that asks the device for a logbook file. */
export function FileChoice({ onChoose }: { onChoose: (file: File | undefined) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <View className="flex-row">
      {unstable_createElement("input", {
        ref: input,
        type: "file",
        accept: ".json,application/json",
        "aria-label": "Logbook file",
        style: { display: "none" },
        onChange: (event: { target: HTMLInputElement }) => {
          onChoose(event.target.files?.[0]);
          event.target.value = "";
        },
      })}
      <Button
        size="small"
        look="quiet"
        label="Choose a file"
        onPress={() => input.current?.click()}
      />
    </View>
  );
}

import { useRef } from "react";
import { unstable_createElement } from "react-native-web";
import { Button } from "./Button";

interface Props {
  /** What is asked for, for a screen reader: "Logbook file". */
  label: string;
  /** What stands on the button. */
  button: string;
  /** Which files the device offers. */
  accept: string;
  size?: "small";
  disabled?: boolean;
  /** The device's camera is asked first, where it has one. */
  camera?: boolean;
  onChoose: (file: File) => void;
}

/** A button that asks the device for a file. The same one can be chosen twice. */
export function FileChoice({
  label,
  button,
  accept,
  size,
  disabled,
  camera = false,
  onChoose,
}: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      {unstable_createElement("input", {
        ref: input,
        type: "file",
        accept,
        "aria-label": label,
        ...(camera ? { capture: "environment" } : {}),
        style: { display: "none" },
        onChange: (event: { target: HTMLInputElement }) => {
          const file = event.target.files?.[0];
          if (file) onChoose(file);
          event.target.value = "";
        },
      })}
      <Button
        look="quiet"
        size={size}
        label={button}
        disabled={disabled}
        onPress={() => input.current?.click()}
      />
    </>
  );
}

import { Picker } from "@react-native-picker/picker";
import { useId, useMemo } from "react";
import { View } from "react-native";
import { FieldFrame, told } from "./FieldFrame";

interface Props<T extends string> {
  label: string;
  options: readonly { value: T; label: string }[];
  value: T;
  onChange: (value: T) => void;
  problem?: string;
}

/** One of many, with the device's own list: nothing works better with a wet thumb. */
export function Select<T extends string>({ label, options, value, onChange, problem }: Props<T>) {
  const id = useId();
  return (
    <FieldFrame label={label} id={id} problem={problem}>
      <View
        className={`field-frame min-h-[52px] justify-center overflow-hidden rounded-[14px] border bg-panel ${problem ? "border-ember" : "border-edge"}`}
      >
        <BareSelect id={id} problem={problem} options={options} value={value} onChange={onChange} />
      </View>
    </FieldFrame>
  );
}

interface BareProps<T extends string> {
  id?: string;
  /** What is wrong with it, where it stands in a frame that says so. */
  problem?: string;
  label?: string;
  options: readonly { value: T; label: string }[];
  value: T;
  onChange: (value: T) => void;
}

/** The list without a frame, for use inside another field. */
export function BareSelect<T extends string>({
  id,
  problem,
  label,
  options,
  value,
  onChange,
}: BareProps<T>) {
  /* A list of dozens is made once, not with every keystroke beside it. */
  const items = useMemo(
    () =>
      options.map((option) => (
        <Picker.Item
          key={option.value}
          label={option.label}
          value={option.value}
          color="var(--ink)"
        />
      )),
    [options],
  );
  return (
    <Picker
      nativeID={id}
      selectedValue={value}
      onValueChange={(next) => onChange(next as T)}
      {...{ "aria-label": label, ...(id ? told({ id, problem }) : {}) }}
      style={
        {
          height: 50,
          paddingLeft: 12,
          paddingRight: 8,
          border: "none",
          backgroundColor: "transparent",
          color: "var(--ink)",
          fontFamily: "Atkinson_600",
          fontSize: 16,
          /* Inside another field: as wide as what is chosen, not as the longest that could be. */
          ...(id ? {} : { fieldSizing: "content", paddingLeft: 6 }),
        } as object
      }
    >
      {items}
    </Picker>
  );
}

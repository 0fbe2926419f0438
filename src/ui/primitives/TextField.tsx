import { useEffect, useId, useRef } from "react";
import { TextInput } from "react-native";
import { FieldFrame, told } from "./FieldFrame";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
  problem?: string;
  help?: string;
  placeholder?: string;
  lines?: number;
  maxLength?: number;
  required?: boolean;
  /** The key that goes to it on a wide screen. */
  shortcut?: string;
  /** It is what the screen is opened for: typing goes into it at once. */
  focused?: boolean;
}

/** Words. */
export function TextField({
  label,
  value,
  onChange,
  onBlur,
  problem,
  help,
  placeholder,
  lines = 1,
  maxLength = 200,
  required,
  shortcut,
  focused = false,
}: Props) {
  const input = useRef<TextInput>(null);
  useEffect(() => {
    if (focused) input.current?.focus();
  }, [focused]);
  const id = useId();
  return (
    <FieldFrame label={label} id={id} problem={problem} help={help} required={required}>
      <TextInput
        ref={input}
        nativeID={id}
        {...(shortcut ? { dataSet: { key: shortcut }, "aria-keyshortcuts": shortcut } : {})}
        value={value}
        onChangeText={onChange}
        onBlur={onBlur}
        multiline={lines > 1}
        numberOfLines={lines}
        maxLength={maxLength}
        placeholder={placeholder}
        placeholderTextColor="var(--soft)"
        {...told({ id, problem, help, required })}
        className={`min-h-[52px] rounded-[14px] border bg-panel px-3 py-3 font-body text-[17px] text-ink ${problem ? "border-ember" : "border-edge"}`}
      />
    </FieldFrame>
  );
}

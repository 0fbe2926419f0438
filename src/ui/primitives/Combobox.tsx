import { useCombobox } from "downshift";
import { useId, useMemo, useState } from "react";
import { Text, View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { beginningFirst } from "../beginningFirst";
import { usePopover } from "../usePopover";
import { FieldFrame, told } from "./FieldFrame";

/** One of many that can be found by its name. */
export interface Found<T extends string> {
  value: T;
  label: string;
  /** What stands in the field once it is chosen, where the label is too long for one. */
  short?: string;
  /** What else it is called, in small: a botanical name. */
  detail?: string;
  /** Under which heading it stands while nothing is typed. */
  group?: string;
}

interface Props<T extends string> {
  label: string;
  options: readonly Found<T>[];
  value: T;
  onChange: (value: T) => void;
  placeholder?: string;
  problem?: string;
}

/* More than a thumb scrolls through is no help: type another letter. */
const mostShown = 60;

/** One of many, found by typing a part of any of its names; with keyboard and screen reader. */
export function Combobox<T extends string>({
  label,
  options,
  value,
  onChange,
  placeholder,
  problem,
}: Props<T>) {
  const chosen = options.find((option) => option.value === value) ?? null;
  const [typed, setTyped] = useState<string>();
  const id = useId();
  const shown = useMemo(() => matching(options, typed), [options, typed]);
  const {
    isOpen,
    highlightedIndex,
    getInputProps,
    getMenuProps,
    getItemProps,
    getToggleButtonProps,
  } = useComboboxOf({ id, shown, chosen, typed, setTyped, onChange });
  const { setField, setList, listStyle } = usePopover(isOpen);
  return (
    <FieldFrame label={label} id={id} problem={problem}>
      <View style={{ position: "relative" }}>
        {unstable_createElement("input", {
          ...getInputProps({
            "aria-label": label,
            ...told({ id, problem }),
            placeholder,
            ref: setField,
            onFocus: (event: { target: HTMLInputElement }) => event.target.select(),
          }),
          spellCheck: false,
          style: inputStyle,
        })}
        {unstable_createElement("button", {
          ...getToggleButtonProps({ "aria-label": t`${label}: show all`, type: "button" }),
          style: toggleStyle,
          children: "▾",
        })}
        {unstable_createElement("ul", {
          ...getMenuProps({ "aria-label": label, ref: setList }),
          style: isOpen ? { ...lookOfList, ...listStyle } : hiddenStyle,
          children: isOpen
            ? shown.map((option, index) =>
                unstable_createElement("li", {
                  key: option.value,
                  ...getItemProps({ item: option, index }),
                  style: itemStyle(index === highlightedIndex),
                  children: (
                    <Option
                      option={option}
                      heading={
                        typed === undefined && option.group !== shown[index - 1]?.group
                          ? option.group
                          : undefined
                      }
                    />
                  ),
                }),
              )
            : null,
        })}
      </View>
      {isOpen && shown.length === 0 ? (
        <Text
          role="status"
          className="font-body text-[14px] leading-[19px] text-soft"
        >{t`Nothing is called that.`}</Text>
      ) : null}
    </FieldFrame>
  );
}

interface Standing<T extends string> {
  id: string;
  shown: readonly Found<T>[];
  chosen: Found<T> | null;
  typed: string | undefined;
  setTyped: (typed: string | undefined) => void;
  onChange: (value: T) => void;
}

function useComboboxOf<T extends string>({
  id,
  shown,
  chosen,
  typed,
  setTyped,
  onChange,
}: Standing<T>) {
  return useCombobox<Found<T>>({
    inputId: id,
    items: [...shown],
    selectedItem: chosen,
    inputValue: typed ?? nameOf(chosen),
    itemToString: nameOf,
    itemToKey: (item) => item?.value,
    /* While nothing is typed Enter leaves what is chosen; after it the first that fits is meant. */
    defaultHighlightedIndex: chosen ? Math.max(0, shown.indexOf(chosen)) : 0,
    stateReducer: (_state, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputChange
        ? { ...changes, highlightedIndex: 0 }
        : changes,
    onInputValueChange({ type, inputValue }) {
      if (type === useCombobox.stateChangeTypes.InputChange) setTyped(inputValue);
    },
    onSelectedItemChange({ selectedItem }) {
      if (selectedItem) onChange(selectedItem.value);
    },
    /* Whatever was typed and not chosen goes: the field names the one that stands. */
    onIsOpenChange({ isOpen }) {
      if (!isOpen) setTyped(undefined);
    },
  });
}

function nameOf(option: Found<string> | null): string {
  return option?.short ?? option?.label ?? "";
}

function Option<T extends string>({ option, heading }: { option: Found<T>; heading?: string }) {
  return (
    <View>
      {heading ? (
        <Text className="font-medium text-[13px] leading-[20px] text-soft">{heading}</Text>
      ) : null}
      <Text className="font-medium text-[16px] leading-[21px] text-ink">{option.label}</Text>
      {option.detail ? (
        <Text className="font-body text-[13px] leading-[18px] text-soft">{option.detail}</Text>
      ) : null}
    </View>
  );
}

/** Options in which every typed word begins a word of a name, those that begin with it first; all while nothing is typed. */
export function matching<T extends string>(
  options: readonly Found<T>[],
  typed: string | undefined,
): Found<T>[] {
  const wanted = (typed ?? "").toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return [...options];
  const begins = (text: string, word: string) =>
    text.startsWith(word) || text.includes(` ${word}`) || text.includes(`-${word}`);
  const found = options.filter(({ label, detail }) => {
    const text = `${label} ${detail ?? ""}`.toLowerCase();
    return wanted.every((word) => begins(text, word));
  });
  return beginningFirst(found, typed ?? "", ({ label }) => label).slice(0, mostShown);
}

const inputStyle = {
  minHeight: 52,
  width: "100%",
  boxSizing: "border-box",
  borderRadius: 14,
  borderWidth: 1,
  borderStyle: "solid",
  borderColor: "var(--edge)",
  backgroundColor: "var(--panel)",
  color: "var(--ink)",
  fontFamily: "Atkinson_600",
  fontSize: 17,
  paddingLeft: 12,
  paddingRight: 48,
};
const toggleStyle = {
  position: "absolute",
  right: 1,
  top: 1,
  width: 48,
  height: 50,
  border: "none",
  background: "transparent",
  color: "var(--ink)",
  fontSize: 16,
  cursor: "pointer",
};
const lookOfList = {
  overflowY: "auto",
  overscrollBehavior: "contain",
  boxSizing: "border-box",
  margin: 0,
  padding: 4,
  listStyle: "none",
  borderRadius: 14,
  borderWidth: 1,
  borderStyle: "solid",
  borderColor: "var(--edge)",
  backgroundColor: "var(--panel)",
  color: "var(--ink)",
  boxShadow: "0 10px 30px rgb(6 14 16 / 0.28)",
};
const hiddenStyle = { display: "none" };
const itemStyle = (lit: boolean) => ({
  paddingTop: 9,
  paddingBottom: 9,
  paddingLeft: 10,
  paddingRight: 10,
  minHeight: 48,
  boxSizing: "border-box",
  borderRadius: 10,
  cursor: "pointer",
  backgroundColor: lit ? "var(--leaf-wash)" : "transparent",
});

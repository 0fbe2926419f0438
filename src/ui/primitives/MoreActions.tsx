import { useState, type ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { useWide } from "../layout/useWide";
import { Button } from "./Button";
import { Sheet } from "./Sheet";

interface Action {
  label: string;
  hint?: string;
  /** It opens a sheet. */
  opens?: boolean;
  act: () => void;
}

interface Props {
  /** The sheet's heading: "More of the shelf". */
  title: string;
  actions: readonly Action[];
  /** What else is set there on a phone. */
  children?: ReactNode;
}

/** What is done more seldom with a list: beside the other buttons on a wide screen, behind one button on a phone. */
export function MoreActions({ title, actions, children }: Props) {
  const wide = useWide();
  const [open, setOpen] = useState(false);
  const buttons = actions.map(({ label, hint, opens, act }) => (
    <Button
      key={label}
      label={label}
      hint={hint}
      look="quiet"
      size="small"
      opens={opens}
      leaves={!wide}
      onPress={() => {
        setOpen(false);
        act();
      }}
    />
  ));
  if (wide) return <>{buttons}</>;
  return (
    <>
      <Button label={t`More`} look="quiet" size="small" opens onPress={() => setOpen(true)} />
      <Sheet title={title} open={open} onClose={() => setOpen(false)}>
        {children}
        <View className="flex-row flex-wrap gap-2">{buttons}</View>
      </Sheet>
    </>
  );
}

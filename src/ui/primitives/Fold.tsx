import ChevronDown from "lucide-react-native/icons/chevron-down";
import ChevronRight from "lucide-react-native/icons/chevron-right";
import { useId, useState, type ReactNode } from "react";
import { Pressable, View } from "react-native";
import { Card } from "./Card";
import { Txt } from "./Txt";

interface Props {
  title: string;
  /** One line that says what is inside. */
  inside: string;
  /** It holds something that was typed: then it opens by itself. */
  filled?: boolean;
  /** Something in it is wrong: it stays open. */
  wrong?: boolean;
  children: ReactNode;
}

/** What is asked less often, folded away under one line that says what it is. */
export function Fold({ title, inside, filled = false, wrong = false, children }: Props) {
  const [opened, setOpen] = useState(filled);
  const open = opened || wrong;
  const id = useId();
  const Chevron = open ? ChevronDown : ChevronRight;
  return (
    <Card className="gap-3 py-2">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        onPress={() => setOpen(!open)}
        className="min-h-[52px] flex-row items-center gap-2 active:opacity-80"
      >
        <Chevron size={20} color="var(--soft)" />
        <View className="min-w-0 flex-1">
          <Txt variant="strong">{title}</Txt>
          {open ? null : <Txt variant="small">{inside}</Txt>}
        </View>
      </Pressable>
      {open ? (
        <View nativeID={id} className="gap-3 pb-2">
          {children}
        </View>
      ) : null}
    </Card>
  );
}

import { useEffect } from "react";
import { View } from "react-native";
import { undoLast } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { undoGone } from "@/store/undoSlice";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";

/* Long enough to put a jar down and wipe a hand. */
const shownMs = 20000;

/** Offers to take the last large step back. */
export function UndoBar() {
  const dispatch = useAppDispatch();
  const last = useAppSelector(({ undo }) => undo.last);
  useEffect(() => {
    if (!last) return;
    const timer = setTimeout(() => dispatch(undoGone()), shownMs);
    return () => clearTimeout(timer);
  }, [last, dispatch]);
  if (!last) return null;
  return (
    <View className="absolute bottom-3 left-3 right-3 items-center">
      <View
        role="status"
        className="w-full max-w-[560px] flex-row items-center gap-3 rounded-card bg-ink px-4 py-2"
      >
        <Txt className="flex-1 text-ground">{last.label}</Txt>
        <Button label="Undo" look="quiet" size="small" onPress={() => dispatch(undoLast())} />
      </View>
    </View>
  );
}

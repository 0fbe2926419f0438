import { useDeferredValue, useEffect } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { undoLast } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { undoGone } from "@/store/undoSlice";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";

/* Long enough to put a jar down and wipe a hand. */
const shownMs = 20000;

/** Offers to take the last step back. At the top, so that no button under the thumb ever moves. */
export function UndoBar() {
  const dispatch = useAppDispatch();
  /* It moves the whole page: the tap that calls it is answered first. */
  const last = useDeferredValue(useAppSelector(({ undo }) => undo.last));
  useEffect(() => {
    if (!last) return;
    const timer = setTimeout(() => dispatch(undoGone()), shownMs);
    return () => clearTimeout(timer);
  }, [last, dispatch]);
  if (!last) return null;
  return (
    <View role="status" className="flex-row items-center gap-3 bg-leaf-wash px-4 py-1">
      <Txt variant="strong" className="flex-1">
        {last.label}
      </Txt>
      <Button label={t`Undo`} look="quiet" size="small" onPress={() => dispatch(undoLast())} />
    </View>
  );
}

import { createContext, useContext, useEffect, useState, type ReactNode } from "react";
import { View } from "react-native";
import { Provider } from "react-redux";
import { t } from "@/language/t";
import type { AnyRecord } from "@/records/record";
import type { Still } from "@/records/still";
import { useAppSelector } from "@/store/hooks";
import { recordsReceived } from "@/store/recordSlice";
import { selectStills } from "@/store/selectors";
import { Txt } from "@/ui/primitives/Txt";
import { practiceLogbook } from "./practiceLogbook";

const OwnStills = createContext<readonly Still[]>([]);

/** The person's own stills, as their logbook has them. */
export const useOwnStills = () => useContext(OwnStills);

/**
 * What is inside works on the logbook of the practice. Of the person's own it knows the stills, the plants and the
 * preferences, and writes nothing there.
 */
export function PracticeRoom({ children }: { children: ReactNode }) {
  const [{ store }] = useState(practiceLogbook);
  const stills = useAppSelector(selectStills);
  const settings = useAppSelector((state) => state.setting.entities);
  const materials = useAppSelector((state) => state.material.entities);
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const look = () => {
      if (store.getState().keeping.status === "loading") return;
      setOpen(true);
    };
    look();
    return store.subscribe(look);
  }, [store]);
  useEffect(() => {
    const records: AnyRecord[] = [...Object.values(settings), ...Object.values(materials)];
    if (open && records.length > 0) store.dispatch(recordsReceived({ records }));
  }, [open, store, settings, materials]);
  if (!open)
    return (
      <View role="status" className="flex-1 items-center justify-center">
        <Txt variant="label">{t`Opening the practice…`}</Txt>
      </View>
    );
  return (
    <OwnStills.Provider value={stills}>
      <Provider store={store}>{children}</Provider>
    </OwnStills.Provider>
  );
}

import { useState } from "react";
import { useDispatch, useSelector } from "react-redux";
import type { InstrumentLines } from "@/instruments/instrumentLines";
import { selectPreferences } from "./selectors";
import type { AppDispatch, RootState, Thunk } from "./store";

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

/** The system of units that the whole logbook is shown in. */
export const useUnits = () => useAppSelector((state) => selectPreferences(state).units);

const instrumentLines: Thunk<InstrumentLines> = (_dispatch, _getState, { instruments }) =>
  instruments;

/** The lines to the instruments on the stills. */
export function useInstruments(): InstrumentLines {
  const dispatch = useAppDispatch();
  return useState(() => dispatch(instrumentLines))[0];
}

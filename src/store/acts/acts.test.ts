import { stillFigures } from "@/logbook/still/stillFigures";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleBottle } from "@/testing/sampleShelf";
import { memoryStorage } from "@/testing/memoryStorage";
import { surroundings } from "@/testing/surroundings";
import { changeRecord, keep, undoLast } from "../changes";
import { createStore } from "../store";
import { calibrateStill, forgetCalibration } from "./calibrateStill";
import { giveNewCode } from "./giveNewCode";
import { askAgain, leaveOut } from "./leaveOut";
import { openBottle } from "./openBottle";
import { tickCheck } from "./tickCheck";

const open = () => createStore(surroundings(memoryStorage()));
const readings = { waterMl: 3000, startC: 12, minutesToBoil: 18, rateMlPerMin: 21 };

test("what came in since a screen was drawn stays: each act changes its own part of what is there by then", () => {
  const store = open();
  const [still, bottle] = [sampleStill(), sampleBottle("a", "lot-a", 100)];
  store.dispatch(keep(still, bottle, sampleRun()));
  store.dispatch(changeRecord(still, (now) => ({ ...now, name: "Old copper" })));
  store.dispatch(changeRecord(bottle, (now) => ({ ...now, place: "cellar, left" })));
  /* All of these hold what the screen drew before that. */
  store.dispatch(leaveOut(still, "valve"));
  store.dispatch(leaveOut(still, "gauge"));
  store.dispatch(calibrateStill(still, { efficiency: 0.5, lossWPerK: 2 }, readings));
  store.dispatch(openBottle(bottle));
  store.dispatch(giveNewCode(bottle));
  const { still: stills, bottle: bottles } = store.getState();
  expect(stills.entities[still.id]).toMatchObject({
    name: "Old copper",
    notHere: ["valve", "gauge"],
    heat: { ...still.heat, efficiency: 0.5 },
  });
  expect(bottles.entities[bottle.id]).toMatchObject({ place: "cellar, left" });
  expect(bottles.entities[bottle.id]!.openedAt).toBeDefined();
  expect(bottles.entities[bottle.id]!.code).not.toBe(bottle.code);
  store.dispatch(undoLast());
  expect(bottles.entities[bottle.id]!.openedAt).toBeDefined();
  store.dispatch(askAgain(still));
  store.dispatch(forgetCalibration(still));
  const after = store.getState().still.entities[still.id]!;
  expect(after).not.toHaveProperty("notHere");
  expect(after).not.toHaveProperty("calibration");
  expect(stillFigures(after)).toEqual(stillFigures({ ...still, name: "Old copper" }));
});

test("ticks of two taps are two ticks, and one is taken back alone", () => {
  const store = open();
  store.dispatch(keep(sampleRun()));
  store.dispatch(tickCheck("run-a", "water", true));
  store.dispatch(tickCheck("run-a", "joints", true));
  store.dispatch(tickCheck("run-a", "water", false));
  expect(store.getState().run.entities["run-a"]!.checked).toEqual(["joints"]);
});

import "@testing-library/jest-dom";
import { configure } from "@testing-library/react";
import { forgetKept } from "../ui/useKept";
import { resetRouter } from "./router";

jest.mock(
  "expo-router",
  () => jest.requireActual<typeof import("./router")>("./router").routerModule,
);
jest.mock("expo-keep-awake", () => ({ useKeepAwake: () => undefined }));

/* What is waited for comes when it comes: a loaded machine is no fault of the screen. */
configure({ asyncUtilTimeout: 20_000 });

/* A phone's screen: the test's own page has no size. */
for (const [side, pixels] of [
  ["clientWidth", 390],
  ["clientHeight", 844],
] as const)
  Object.defineProperty(document.documentElement, side, { value: pixels, configurable: true });

beforeEach(() => {
  resetRouter();
  forgetKept();
});

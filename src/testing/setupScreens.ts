import "@testing-library/jest-dom";
import { configure } from "@testing-library/react";
import * as React from "react";
import { forgetKept } from "../ui/useKept";
import { resetRouter } from "./router";

jest.mock(
  "expo-router",
  () => jest.requireActual<typeof import("./router")>("./router").routerModule,
);
jest.mock("expo-keep-awake", () => ({ useKeepAwake: () => undefined }));

/* What is waited for comes when it comes: a loaded machine is no fault of the screen. */
configure({ asyncUtilTimeout: 20_000 });

/*
 * No style sheet is loaded here, so what an element is drawn with is what stands on itself. The page's own
 * answer matches each element with hundreds of rules at every question: half of all the time these tests take.
 */
const inline = /^(A|ABBR|B|EM|I|LABEL|SMALL|SPAN|STRONG|SUB|SUP)$/;
window.getComputedStyle = (element: Element): CSSStyleDeclaration => {
  const own = (element as HTMLElement).style;
  const drawn = document.createElement("i").style;
  drawn.cssText = own.cssText;
  if (element.hasAttribute("hidden")) drawn.display = "none";
  drawn.display ||= inline.test(element.tagName) ? "inline" : "block";
  drawn.visibility ||= "visible";
  return drawn;
};

/*
 * With each element React notes where in the code it was made, for its own warnings, until it has noted ten thousand in
 * a second: a quarter of the time these tests take. Here it takes them for noted.
 */
const internals = Object.entries(React).find(([name]) => name.startsWith("__CLIENT_INTERNALS"))![1];
Object.defineProperty(internals, "recentlyCreatedOwnerStacks", {
  get: () => Infinity,
  set: () => {},
});

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

import { act, renderHook } from "@testing-library/react";
import { useScreenAwake } from "./useScreenAwake";

const mockAwake: string[] = [];
jest.mock("expo-keep-awake", () => ({
  useKeepAwake: (tag: string) => {
    if (mockAwake.at(-1) !== tag) mockAwake.push(tag);
  },
}));

const see = (state: DocumentVisibilityState) =>
  act(() => {
    jest.spyOn(document, "visibilityState", "get").mockReturnValue(state);
    document.dispatchEvent(new Event("visibilitychange"));
  });

test("the screen is kept lit anew after each look elsewhere, which let go of it", () => {
  renderHook(useScreenAwake);
  expect(mockAwake).toHaveLength(1);
  see("hidden");
  expect(mockAwake).toHaveLength(1);
  see("visible");
  expect(mockAwake).toHaveLength(2);
  expect(new Set(mockAwake).size).toBe(2);
});

import { act, renderHook } from "@testing-library/react";
import { useToday } from "./useToday";

beforeEach(() => jest.useFakeTimers({ now: new Date(2026, 4, 4, 23, 59) }));
afterEach(() => jest.useRealTimers());

test("a page left open over midnight turns to the new day, and is not drawn anew before", () => {
  const drawn: string[] = [];
  const { result } = renderHook(() => {
    const today = useToday();
    drawn.push(today);
    return today;
  });
  expect(result.current).toBe("2026-05-04");
  act(() => jest.advanceTimersByTime(45_000));
  expect(drawn).toEqual(["2026-05-04"]);
  act(() => jest.advanceTimersByTime(45_000));
  expect(result.current).toBe("2026-05-05");
});

test("a device that slept says the right day as soon as the page is looked at", () => {
  const { result } = renderHook(useToday);
  jest.setSystemTime(new Date(2026, 4, 6, 8, 0));
  act(() => document.dispatchEvent(new Event("visibilitychange")));
  expect(result.current).toBe("2026-05-06");
});

import { act } from "@testing-library/react";
import { newRecord } from "@/records/base";
import { defaultPreferences } from "@/records/setting";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { DueNotices } from "./DueNotices";

const noon = Date.parse("2026-08-01T09:59:00Z");
const told: string[] = [];
class FakeNotification {
  static permission = "granted";
  constructor(title: string) {
    told.push(title);
  }
}

const day = new Date("2026-06-01T10:00:00Z");
const duty: AnyRecord = {
  ...newRecord("duty", day),
  of: "bottle/lot-a",
  putOffUntil: "2026-08-01T10:00:00.000Z",
};
const lot: AnyRecord = {
  ...newRecord("lot", day),
  id: "lot-a",
  code: "K7Q-4MX",
  product: "oil",
  plantId: "clarysage",
  runIds: [],
  madeOn: "2026-06-01",
  volumeMl: 12,
};

beforeEach(() => {
  told.length = 0;
  jest.useFakeTimers();
  jest.setSystemTime(noon);
  Object.assign(globalThis, { Notification: FakeNotification });
});
afterEach(() => jest.useRealTimers());

const watch = async (preferences: Partial<ReturnType<typeof defaultPreferences>>) => {
  renderWith(<DueNotices />, [lot, duty, { ...defaultPreferences(), ...preferences }]);
  for (let i = 0; i < 5; i += 1)
    await act(async () => {
      await jest.advanceTimersByTimeAsync(30000);
    });
};

test("what comes due while the app is open is told once, if it was asked for", async () => {
  await watch({ dueNotices: true });
  expect(told).toEqual(["Bottle the Clary sage oil"]);
});

test("nobody who did not ask is told", async () => {
  await watch({});
  expect(told).toEqual([]);
});

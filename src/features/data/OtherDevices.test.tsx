import { act, screen } from "@testing-library/react";
import { deviceKnown, pairChanged, pairKnown, type PairStatus } from "@/store/sharingSlice";
import { renderWith } from "@/testing/renderWith";
import { OtherDevices } from "./OtherDevices";

const line = "a".repeat(32);
const kitchen = {
  line,
  key: `${"A".repeat(43)}=`,
  other: { id: "kitchen-1", name: "Kitchen laptop" },
  since: "2026-07-01T08:00:00.000Z",
};

async function open(answer: () => Promise<unknown>) {
  Object.assign(globalThis, { fetch: answer });
  const { store } = renderWith(<OtherDevices />, []);
  await act(async () => {
    store.dispatch(deviceKnown({ id: "shed-phone", name: "Shed" }));
    await Promise.resolve();
  });
  return store;
}
const noServer = () => Promise.reject(new Error("no network"));
const relay = async () => ({ ok: true, json: async () => ({ relay: 1, addresses: [] }) });

test("without a server that passes messages on, the way by file is told instead", async () => {
  await open(noServer);
  expect(
    await screen.findByText(/^Pairing needs Sereno to be opened from its own server/),
  ).toBeVisible();
  expect(screen.queryByRole("button", { name: "Show a code" })).not.toBeInTheDocument();
});

test("each pair says how it goes, and a pair that ended is removed", async () => {
  const store = await open(relay);
  expect(await screen.findByRole("button", { name: "Show a code" })).toBeVisible();
  act(() => void store.dispatch(pairKnown(kitchen)));
  expect(screen.getByText("Not yet compared.")).toBeVisible();
  const says: [PairStatus, RegExp][] = [
    ["here", /^Connected/],
    ["away", /^Not connected just now/],
    ["cut", /^No connection/],
    ["elsewhere", /another tab/],
    ["ended", /^Ended/],
  ];
  for (const [status, words] of says) {
    act(() => void store.dispatch(pairChanged({ line, status })));
    expect(screen.getByText(words)).toBeVisible();
  }
  expect(
    screen.getByRole("button", { name: /^Remove: Remove Kitchen|^Remove Kitchen/ }),
  ).toBeVisible();
});

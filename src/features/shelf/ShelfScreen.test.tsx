import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Bottle, Use } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { undoLast } from "@/store/changes";
import { router } from "@/testing/router";
import { ShelfScreen } from "./ShelfScreen";

const stamp = "2026-05-04T08:00:00.000Z";
const base = { version: 1 as const, createdAt: stamp, updatedAt: stamp };
const lot = (id: string, part: Partial<Lot> = {}): Lot => ({
  ...base,
  kind: "lot",
  id,
  code: `LA-0504-${id}`,
  product: "oil",
  plantId: "lavender",
  runIds: ["run-a"],
  madeOn: "2026-05-04",
  volumeMl: 8,
  ...part,
});
const bottle = (id: string, lotId: string, part: Partial<Bottle> = {}): Bottle => ({
  ...base,
  kind: "bottle",
  id,
  code: `code-${id}`,
  lotId,
  sizeMl: 10,
  filledMl: 8,
  glass: "amber",
  storage: "cellar",
  bestBy: "2028-01-04",
  ...part,
});
const taken: Use = {
  ...base,
  kind: "use",
  id: "use-a",
  bottleId: "b1",
  amountMl: 3,
  purpose: "soap",
  at: "2026-05-20T08:00:00.000Z",
};

const season: AnyRecord[] = [
  lot("oil"),
  bottle("b1", "oil", { place: "under the stairs" }),
  taken,
  lot("water", { product: "hydrosol", volumeMl: 900 }),
  bottle("b2", "water", { sizeMl: 500, filledMl: 450, bestBy: "2026-06-01" }),
];
/* Wide, so that every button stands on the page; in the hand they are one tap away, under More. */
let mockWide = true;
jest.mock("@/ui/layout/useWide", () => ({ useWide: () => mockWide }));
beforeEach(() => {
  mockWide = true;
});

function open(records: AnyRecord[] = season) {
  jest.setSystemTime(Date.parse("2026-06-10T12:00:00Z"));
  return renderWith(<ShelfScreen />, records);
}
const show = (name: RegExp) => fireEvent.click(screen.getByRole("radio", { name }));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("an empty shelf says what comes to stand there", () => {
  open([]);
  expect(screen.getByText("An empty shelf")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Plan a run" }));
  expect(router.push).toHaveBeenCalledWith("/plan");
});

test("every bottle stands on its board, at what is left in it, and opens its lot", () => {
  open();
  const board = within(screen.getByRole("list", { name: "Bottles: under the stairs" }));
  const drawn = board.getByRole("listitem", { name: /lavender oil, code-b1, 5\.0 mL left/i });
  fireEvent.click(drawn);
  expect(router.push).toHaveBeenCalledWith("/shelf/oil");
  expect(screen.getByRole("list", { name: "Bottles: Cellar" })).toBeVisible();
});

test("what is past its day is due, and says how to judge it", () => {
  open();
  show(/^Cards$/);
  expect(screen.getByText(/sour, musty or cloudy means let it go/)).toBeVisible();
  expect(screen.queryByText(/sharp or like varnish/)).not.toBeInTheDocument();
  show(/^Due 1$/);
  expect(screen.queryByText(/^code-b1/)).not.toBeInTheDocument();
  expect(screen.getByText(/^code-b2/)).toBeVisible();
});

test("oils and hydrosols are shown apart; how one looks at the shelf stands on coming back", () => {
  const { unmount } = open();
  show(/^Cards$/);
  show(/^Oils$/);
  expect(screen.queryByText(/^code-b2/)).not.toBeInTheDocument();
  show(/^Hydrosols$/);
  expect(screen.queryByText(/^code-b1/)).not.toBeInTheDocument();
  show(/^All 2$/);
  expect(screen.getByText(/^code-b1/)).toBeVisible();
  unmount();
});

test("bottles are found by name, place or code; a slip of the pen says what is near", () => {
  open([...season, lot("coded", { code: "K7Q-4MX" })]);
  show(/^Cards$/);
  const find = (value: string) => {
    fireEvent.change(screen.getByRole("textbox", { name: "Find" }), { target: { value } });
    act(() => {
      jest.advanceTimersByTime(200);
    });
  };
  find("stairs");
  expect(screen.getByText(/^code-b1/)).toBeVisible();
  expect(screen.queryByText(/^code-b2/)).not.toBeInTheDocument();
  find("nowhere");
  expect(screen.getByText("Nothing here is of that kind.")).toBeVisible();
  find("k7q-4nx");
  expect(screen.getByText(/This one is a slip away/)).toBeVisible();
  expect(screen.getByRole("link", { name: /^K7Q-4MX/ })).toHaveAttribute("href", "/shelf/coded");
});

test("one code on two things is told", () => {
  open([...season, bottle("b3", "oil", { code: "code-b1" })]);
  expect(screen.getByText(/The code code-b1 is on 2 things/)).toBeVisible();
});

test("a lot that nobody has bottled yet is not forgotten", () => {
  open([lot("loose", { volumeMl: 4.2 })]);
  expect(screen.getByText(/oil: not bottled yet$/)).toBeVisible();
  expect(screen.getByText("LA-0504-loose · 4.2 mL")).toBeVisible();
});

test("what can be pressed stands before the bottles: these are drawn on while one looks", () => {
  open();
  const bottle = screen.getAllByRole("listitem")[0]!;
  for (const name of ["Add something bought", "Save as CSV", "Labels"])
    expect(
      screen.getByRole("button", { name }).compareDocumentPosition(bottle) &
        Node.DOCUMENT_POSITION_FOLLOWING,
    ).toBeTruthy();
});

test("several are moved or emptied in one step, and taken back in one", async () => {
  const { store } = open();
  const bottles = () => Object.values(store.getState().bottle.entities);
  fireEvent.click(screen.getByRole("button", { name: "Several at once" }));
  fireEvent.click(screen.getByRole("button", { name: /^Move 0 bottles/ }));
  fireEvent.click(screen.getByRole("button", { name: "Move" }));
  expect(screen.getByText(/Tick at least one bottle/)).toBeVisible();
  fireEvent.click(screen.getByRole("checkbox", { name: /^All \d+ shown/ }));
  fireEvent.change(screen.getByLabelText("New place"), { target: { value: "box 9" } });
  fireEvent.click(screen.getByRole("radio", { name: "Cupboard" }));
  await act(async () => void fireEvent.click(screen.getByRole("button", { name: "Move" })));
  const moved = bottles().filter((each) => each?.place === "box 9");
  expect(moved.length).toBeGreaterThan(1);
  expect(moved.every((each) => each?.storage === "room")).toBe(true);
  await act(async () => void store.dispatch(undoLast()));
  expect(bottles().some((each) => each?.place === "box 9")).toBe(false);
  fireEvent.click(screen.getByRole("button", { name: "Several at once" }));
  const [first] = screen.getAllByRole("checkbox", { name: /, code-/ });
  fireEvent.click(first!);
  fireEvent.click(screen.getByRole("button", { name: /^Empty 1 bottle/ }));
  fireEvent.click(screen.getByRole("radio", { name: "Given away" }));
  await act(async () => void fireEvent.click(screen.getByRole("button", { name: "Empty" })));
  const uses = Object.values(store.getState().use.entities).filter((use) => use?.way === "gift");
  expect(uses).toHaveLength(1);
});

test("in the hand the bottles stand high: what is used less is under More", () => {
  mockWide = false;
  open();
  expect(screen.queryByRole("button", { name: "Labels" })).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("button", { name: "More" }));
  for (const name of ["Labels", "Season", "Add something bought", "Save as CSV"])
    expect(screen.getByRole("button", { name })).toBeVisible();
  expect(screen.getByRole("radio", { name: "Cards" })).toBeVisible();
});

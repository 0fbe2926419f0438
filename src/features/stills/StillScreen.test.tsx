import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import { constructionOf } from "@/core/still/constructions";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import type { Still } from "@/records/still";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleStill } from "@/testing/sampleRecords";
import { constructionWords } from "@/words/stillWords";
import { StillScreen } from "./StillScreen";

const like = (name: string): Still => ({
  ...sampleStill(),
  ...readyMadeStills.find((still) => still.name.startsWith(name))!,
});
const open = (still?: Still) => {
  router.params = { id: still?.id ?? "new" };
  return renderWith(<StillScreen />, still ? [still] : []).store;
};
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const keepIt = () =>
  act(async () => void fireEvent.click(screen.getByRole("button", { name: "Save still" })));
const kept = (store: ReturnType<typeof open>) => store.getState().still.entities["still-a"]!;

test.each(readyMadeStills.map((still) => still.name))(
  "%s: the fields its kind needs are there, and keeping it unchanged changes nothing",
  async (name) => {
    const still = like(name);
    const store = open(still);
    const { holder, choiceOfHeads, catchesItself } = constructionOf(still.construction);
    const has = (label: RegExp) => screen.queryAllByText(label).length > 0;
    expect(has(/^(Basket|Plant vessel|Bowl) holds$/)).toBe(holder !== "none");
    expect(has(/^Head$/) || screen.queryByRole("radiogroup", { name: "Head" }) !== null).toBe(
      choiceOfHeads,
    );
    expect(screen.queryByRole("radiogroup", { name: "Cooled by" }) !== null).toBe(!catchesItself);
    await keepIt();
    await waitFor(() => expect(router.replace).toHaveBeenCalledWith("/bench"));
    const after = kept(store);
    expect(after.potVolumeMl / still.potVolumeMl).toBeCloseTo(1, 3);
    expect(after.construction).toBe(still.construction);
    expect(after.condenser).toEqual(still.condenser);
    expect(after.receivers ?? []).toHaveLength((still.receivers ?? []).length);
  },
);

test("a changed measure is kept, and what another tab changed meanwhile stays", async () => {
  const store = open(sampleStill());
  type("Dry line", "850");
  await keepIt();
  await waitFor(() => expect(kept(store).dryLineMl).toBe(850));
  expect(kept(store).emptyMassG).toBe(sampleStill().emptyMassG);
});

test("what cannot be is said at its field, and nothing is kept", async () => {
  const store = open(sampleStill());
  type("Dry line", "13000");
  await keepIt();
  await waitFor(() =>
    expect(screen.getByText("The dry line must be under the pot's rim.")).toBeVisible(),
  );
  expect(kept(store).dryLineMl).toBe(sampleStill().dryLineMl);
  expect(router.replace).not.toHaveBeenCalled();
});

test("another kind asks for its own parts, in its own words", () => {
  open(sampleStill());
  fireEvent.click(screen.getByRole("radio", { name: constructionWords.separateVessel }));
  expect(screen.getByText("Boiler holds")).toBeVisible();
  expect(screen.getByText("Plant vessel holds")).toBeVisible();
  expect(screen.queryByText("Grid above the floor")).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("radio", { name: constructionWords.bowl }));
  expect(screen.getByText("Bowl above the floor")).toBeVisible();
  fireEvent.click(screen.getByRole("radio", { name: constructionWords.flask }));
  expect(screen.queryByText(/^(Bowl|Basket|Plant vessel) holds$/)).not.toBeInTheDocument();
});

test("a still that is not in this logbook says so; a new one asks for its name", async () => {
  router.params = { id: "gone" };
  renderWith(<StillScreen />, []);
  expect(screen.getByText(/This still/)).toBeVisible();
});

test("a new still begins as an ordinary pot and is not kept without its measures", async () => {
  const store = open();
  await keepIt();
  await waitFor(() => expect(screen.getByText("Give the still a name.")).toBeVisible());
  expect(store.getState().still.ids).toHaveLength(0);
});

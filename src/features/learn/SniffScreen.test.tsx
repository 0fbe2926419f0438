import { act, fireEvent, screen } from "@testing-library/react";
import { oddOf } from "@/core/learn/triangle";
import type { Sniff } from "@/records/sniff";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { LearnScreen } from "./LearnScreen";
import { SniffScreen } from "./SniffScreen";

const sniff = (part: Partial<Sniff> = {}): Sniff => ({
  kind: "sniff",
  id: "sniff-a",
  version: 1,
  createdAt: "2026-06-01T10:00:00.000Z",
  updatedAt: "2026-06-01T10:00:00.000Z",
  a: "at once",
  b: "wilted",
  withHelper: true,
  rounds: [],
  ...part,
});
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });

test("a sniff is begun from what is to be told apart", async () => {
  const { store } = renderWith(<LearnScreen />, []);
  expect(screen.getByText(/Three strips, two of them alike/)).toBeVisible();
  await press("A blind sniff");
  await press("Begin");
  expect(await screen.findByText("Say what the one is.")).toBeVisible();
  fireEvent.change(screen.getByLabelText("The one"), { target: { value: "run 1" } });
  fireEvent.change(screen.getByLabelText("The other"), { target: { value: "run 2" } });
  fireEvent.click(screen.getByRole("radio", { name: "I am alone" }));
  await press("Begin");
  const [kept] = Object.values(store.getState().sniff.entities);
  expect(kept).toMatchObject({ a: "run 1", b: "run 2", withHelper: false, rounds: [] });
  expect(router.push).toHaveBeenCalledWith(`/runs/learn?sniff=${kept!.id}`);
});

test("a round is laid out, hidden, answered; what is said is told only when it is closed", async () => {
  const { store } = renderWith(<SniffScreen id="sniff-a" />, [sniff()]);
  const round = () => store.getState().sniff.entities["sniff-a"]!.rounds.at(-1)!;
  await press("Lay out three strips");
  expect(screen.getByText("Round 1: for the helper alone")).toBeVisible();
  const { strips } = round();
  await press("They lie: hide this");
  expect(screen.queryByText("wilted")).not.toBeInTheDocument();
  expect(screen.getByRole("button", { name: "That is my answer" })).toBeDisabled();
  fireEvent.click(screen.getByRole("radio", { name: oddOf(strips)!.code }));
  fireEvent.click(screen.getByRole("radio", { name: "The two alike" }));
  await press("That is my answer");
  expect(round()).toMatchObject({ strips, said: oddOf(strips)!.code, liked: "alike" });
  expect(screen.getByText(/^1 round answered\. What they say is shown at the end/)).toBeVisible();
  expect(screen.queryByText(/1 of 1/)).not.toBeInTheDocument();
  await press("Close it and see");
  expect(screen.getByText(/^Not told apart: 1 of 1 right.*three rounds at least/)).toBeVisible();
  expect(screen.getByText(new RegExp(`^right: ${oddOf(strips)!.code}`))).toBeVisible();
});

test("alone the codes are no order, and one makes one's own strips", async () => {
  const strips = [
    { code: "731", of: "a" as const },
    { code: "245", of: "b" as const },
    { code: "512", of: "a" as const },
  ];
  renderWith(<SniffScreen id="sniff-a" />, [
    sniff({ withHelper: false, rounds: [{ at: "2026-06-01T10:00:00.000Z", strips }] }),
  ]);
  expect(screen.getByText("Round 1: make three strips")).toBeVisible();
  await press("Shuffled: hide this");
  expect(
    screen.getAllByRole("radio", { name: /^\d{3}$/ }).map((radio) => radio.textContent),
  ).toEqual(["245", "512", "731"]);
});

test("six of eight right is no guessing, and what is liked counts where it was right", () => {
  const strips = [
    { code: "731", of: "a" as const },
    { code: "245", of: "b" as const },
    { code: "512", of: "a" as const },
  ];
  const rounds = Array.from({ length: 8 }, (_, i) => ({
    at: "2026-06-01T10:00:00.000Z",
    strips,
    laidOut: true as const,
    said: i < 6 ? "245" : "731",
    liked: "odd" as const,
  }));
  renderWith(<SniffScreen id="sniff-a" />, [
    sniff({ rounds, closedAt: "2026-06-01T11:00:00.000Z" }),
  ]);
  expect(
    screen.getByText(
      "Told apart: 6 of 8 right. Luck alone would do this 2 % of the time. “wilted” was liked more 6 of 6 times.",
    ),
  ).toBeVisible();
});

test("an address of a sniff that is not here says so", () => {
  renderWith(<SniffScreen id="gone" />, []);
  expect(screen.getByText(/^This sniff is not in this logbook/)).toBeVisible();
});

test("a binned sniff leads back to the list", async () => {
  const rounds = [
    {
      at: "2026-06-01T10:00:00.000Z",
      strips: [
        { code: "731", of: "a" as const },
        { code: "245", of: "b" as const },
        { code: "512", of: "a" as const },
      ],
      laidOut: true as const,
      said: "245",
    },
  ];
  const { store } = renderWith(<SniffScreen id="sniff-a" />, [sniff({ rounds })]);
  await press("Close it and see");
  expect(store.getState().sniff.entities["sniff-a"]!.closedAt).toBeDefined();
  await press("Delete sniff");
  expect(router.replace).toHaveBeenCalledWith("/runs/learn");
  expect(store.getState().sniff.entities["sniff-a"]!.deletedAt).toBeDefined();
});

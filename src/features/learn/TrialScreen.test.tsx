import { act, fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { measuredRun as run } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import { TrialScreen } from "./TrialScreen";
import { LearnScreen } from "./LearnScreen";

const runs = [run("run-a", 1, 4.1), run("run-b", 2, 4.6)];
const trial = sampleTrial();
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });

test("a question is asked, with two ways and what counts", async () => {
  const { store } = renderWith(<LearnScreen />, runs);
  expect(screen.getByText("No question yet")).toBeVisible();
  await press("Ask a question");
  await press("Open the trial");
  expect(screen.getByText("Say what you want to know.")).toBeVisible();
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  type("The question", "Wilted, or at once?");
  type("One way", "at once");
  type("The other way", "wilted");
  await press("Open the trial");
  const [kept] = Object.values(store.getState().trial.entities);
  expect(kept).toMatchObject({ question: "Wilted, or at once?", design: "pairs", runs: [] });
  expect(router.push).toHaveBeenCalledWith(`/runs/learn?trial=${kept!.id}`);
});

test("a pair is put in, the verdict stands there, sides can be swapped, and it is closed", async () => {
  const { store } = renderWith(<TrialScreen id="trial-a" />, [...runs, trial]);
  expect(screen.getByText(/Nothing to count yet/)).toBeVisible();
  await press(/^Add a pair/);
  await press("Add them");
  expect(screen.getByText("A pair has a run on each side.")).toBeVisible();
  fireEvent.change(screen.getByLabelText("at once"), { target: { value: "run-a" } });
  fireEvent.change(screen.getByLabelText("wilted"), { target: { value: "run-b" } });
  await press("Add them");
  expect(screen.getByText(/^Not decided: “wilted” against “at once” .* more/)).toBeVisible();
  /* Both are fresh: whether wilting does anything is not tried. */
  expect(screen.getByText(/Its sides are alike in what is tried: its state\./)).toBeVisible();
  await press("Swap sides of run 1");
  expect(screen.getByText(/^Not decided: “wilted” against “at once” .* less/)).toBeVisible();
  await press("Close it");
  expect(store.getState().trial.entities["trial-a"]!.closedAt).toBeDefined();
  expect(screen.queryByRole("button", { name: /^Add a pair/ })).not.toBeInTheDocument();
  await press("Remove run 2");
  expect(screen.getByText("its other half is not counted")).toBeVisible();
});

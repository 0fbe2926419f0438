import { useState } from "react";
import { fireEvent, render, screen } from "@testing-library/react";
import { planCharges } from "@/core/plan/planCharges";
import type { PlanInput } from "@/core/plan/planInput";
import { plantById } from "@/core/plant/catalogue";
import { stillFigures } from "@/logbook/still/stillFigures";
import { sampleStill } from "@/testing/sampleRecords";
import { emptyDraft } from "@/records/planDraft";
import { NotesCard } from "./NotesCard";

function Notes({
  plan: made,
  units = "metric",
}: {
  plan: ReturnType<typeof planCharges>;
  units?: "metric" | "us";
}) {
  const [draft, setDraft] = useState(emptyDraft(units));
  return (
    <NotesCard
      plan={made}
      draft={draft}
      units={units}
      onChange={(part) => setDraft((before) => ({ ...before, ...part }))}
    />
  );
}

const plan = (part: Partial<PlanInput> = {}) =>
  planCharges({
    still: stillFigures(sampleStill()),
    plant: plantById("peppermint")!,
    state: "fresh",
    massG: 800,
    method: "steam",
    stop: { perKg: 1 },
    site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
    ...part,
  });

test("three jars stand with their oil, their hydrosol and what they smell of", () => {
  render(<Notes plan={plan()} />);
  expect(screen.getByText(/^First jar, to \d+ mL$/)).toBeVisible();
  expect(screen.getByText(/^Middle, to \d+ mL$/)).toBeVisible();
  expect(screen.getByText("Tail, to the end")).toBeVisible();
  expect(screen.getAllByText(/mL of visible oil, .* of hydrosol/)).toHaveLength(3);
  const picture = screen.getByRole("img", { name: /First jar: .*; Middle: .*mint.*; Tail: / });
  expect(picture).toBeInTheDocument();
  /* No per cent with decimals: the order holds, how much only to a third. */
  expect(document.body.textContent).not.toMatch(/\d %/);
});

test("less of the sharp or of the heavy moves a cut, says what it costs, and is taken back", () => {
  render(<Notes plan={plan()} />);
  const cuts = () => screen.getAllByText(/, to \d+ mL$/).map(({ textContent }) => textContent);
  const usual = cuts();
  expect(screen.getByRole("status")).toHaveTextContent(/^The usual cuts/);
  const less = screen.getAllByRole("button", { name: /^A middle with less/ });
  expect(less.length).toBeGreaterThan(0);
  fireEvent.click(less[0]!);
  expect(cuts()).not.toEqual(usual);
  expect(screen.getByRole("status")).toHaveTextContent(/^The middle is .* smaller/);
  for (let tap = 0; tap < 12; tap += 1) fireEvent.click(less[0]!);
  expect(screen.getByText(/^Middle, to/)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "As usual" }));
  expect(cuts()).toEqual(usual);
});

test("a plan that brings nothing over shows no notes", () => {
  const cold = { ...stillFigures(sampleStill()), heat: { kind: "gas" as const, powerW: 5 } };
  const { container } = render(<Notes plan={plan({ still: cold })} />);
  expect(container).toBeEmptyDOMElement();
});

test("amounts are in the person's units", () => {
  render(<Notes plan={plan()} units="us" />);
  expect(screen.getAllByText(/fl oz/).length).toBeGreaterThan(2);
});

test("a cut is typed or moved with the keys, stays, and goes into the plan", () => {
  render(<Notes plan={plan()} />);
  const field = screen.getByLabelText("First jar to");
  fireEvent.change(field, { target: { value: "200" } });
  fireEvent.blur(field);
  expect(screen.getByText("First jar, to 200 mL")).toBeVisible();
  const handle = screen.getByRole("slider", { name: "Cut after the first jar" });
  expect(handle).toHaveAttribute("aria-valuenow", "200");
  fireEvent.keyDown(handle, { key: "ArrowLeft" });
  expect(Number(handle.getAttribute("aria-valuenow"))).toBeLessThan(200);
  fireEvent.change(field, { target: { value: "90000" } });
  expect(screen.getByText(/The cut can be .* at most/)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Plan these three jars" }));
  expect(screen.getByText(/tells you when to change the jar/)).toBeVisible();
});

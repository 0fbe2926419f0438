import { render, screen } from "@testing-library/react";
import { plantById } from "@/core/plant/catalogue";
import { cautions } from "@/core/plant/cautions";
import { cautionWords } from "@/words/cautionWords";
import { CareCard } from "./CareCard";

test.each([
  ["pennyroyal", ["pregnancy", "cats", "liver"], /Not on skin at all/],
  ["lemonzest", ["phototoxic", "oxidises"], /2 % on the body/],
  ["tarragon", ["carcinogenic"], /0\.1 % of oil/],
  ["hyssop", ["convulsant"], /0\.3 % of oil/],
] as const)("%s: its cautions in words, and its maximum on skin", (id, expected, most) => {
  render(<CareCard plant={plantById(id)!} />);
  for (const caution of expected) expect(screen.getByText(cautionWords[caution])).toBeVisible();
  expect(screen.getByText(most)).toBeVisible();
  expect(screen.getByText(/ask someone qualified/)).toBeVisible();
});

test("a plant without cautions still has its maximum; all nine of another are readable", () => {
  render(<CareCard plant={{ cautions: [] }} />);
  expect(screen.getByText(/Usual cautious maximum/)).toBeVisible();
  render(<CareCard plant={{ cautions, skinMostPercent: 0.5 }} />);
  for (const caution of cautions) expect(screen.getByText(cautionWords[caution])).toBeVisible();
});

test("what is not for skin at all is not told how to be used there", () => {
  render(<CareCard plant={{ cautions: ["sensitises", "pregnancy"], skinMostPercent: "none" }} />);
  expect(screen.getByText("Not on skin at all.")).toBeVisible();
  expect(screen.getByText(cautionWords.pregnancy)).toBeVisible();
  expect(screen.queryByText(cautionWords.sensitises)).toBeNull();
});

test("nothing is ever said to be safe", () => {
  for (const words of Object.values(cautionWords)) expect(words).not.toMatch(/\bsafe\b/i);
});

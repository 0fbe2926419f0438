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
  render(<CareCard plant={{ cautions, skinMostPercent: "none" }} />);
  for (const caution of cautions) expect(screen.getByText(cautionWords[caution])).toBeVisible();
});

test("nothing is ever said to be safe", () => {
  for (const words of Object.values(cautionWords)) expect(words).not.toMatch(/\bsafe\b/i);
});

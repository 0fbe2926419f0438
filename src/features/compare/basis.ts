/** What a yield is reckoned on. */
export type Basis = "dry" | "charge" | "ml";

export const bases: { value: Basis; label: string }[] = [
  { value: "dry", label: "mL a kg dry" },
  { value: "charge", label: "mL a kg as charged" },
  { value: "ml", label: "mL" },
];

/** What an amount of oil is divided by on a basis, of a charge of so many g that holds so much water. */
export function basisOf(basis: Basis, chargeG: number, moisture: number): number {
  if (basis === "ml") return 1;
  return (chargeG / 1000) * (basis === "dry" ? 1 - moisture : 1);
}

import { readdirSync } from "node:fs";
import path from "node:path";

/* What stands in an address of the demonstration for the part of a route that is in brackets. */
const examples: Record<string, string[]> = {
  "/bench/plants/[id]": ["/bench/plants/clarysage"],
  "/bench/plants/[id]/figures": ["/bench/plants/clarysage/figures"],
  "/bench/stills/[id]": ["/bench/stills/demo-still-1"],
  "/bench/stills/[id]/calibrate": ["/bench/stills/demo-still-1/calibrate"],
  /* Begun in a logbook of its own: see practice.spec.ts. */
  "/bench/practice/[id]": ["/bench/practice/not-begun"],
  "/harvests/[id]": ["/harvests/demo-harvest-14"],
  "/plan/day/[id]": ["/plan/day/demo-day-1"],
  "/runs/[id]": ["/runs/demo-run-12"],
  "/runs/[id]/ready": ["/runs/demo-run-31/ready"],
  "/runs/[id]/separate": ["/runs/demo-run-30/separate"],
  "/runs/[id]/watch": ["/runs/demo-run-31/watch"],
  "/runs/compare": ["/runs/compare?ids=demo-run-11,demo-run-12,demo-run-15"],
  "/runs/learn": [
    "/runs/learn",
    "/runs/learn?trial=demo-trial-1",
    "/runs/learn?sniff=demo-sniff-1",
    "/runs/learn?plant=clarysage",
  ],
  "/shelf/[id]": ["/shelf/demo-lot-28-oil", "/shelf/demo-lot-7-hydrosol"],
};

/** Every address that a file in `src/app` makes, with the demonstration's ids. */
export function addresses(): string[] {
  return readdirSync("src/app", { recursive: true, encoding: "utf8" })
    .filter((file) => /\.tsx$/.test(file) && !/[_+]/.test(path.basename(file)))
    .flatMap((file) => {
      const route = `/${file.split(path.sep).join("/")}`.replace(/(\/index)?\.tsx$/, "") || "/";
      const known = examples[route] ?? [route];
      if (known.some((address) => address.includes("[")))
        throw new Error(`e2e/addresses.ts: no example for the route ${route}`);
      return known;
    })
    .sort();
}

/** Those of them that a logbook without anything in it has too. */
export function bareAddresses(): string[] {
  return addresses().filter((address) => !/demo|not-begun/.test(address));
}

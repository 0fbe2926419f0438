import { plural, t } from "./t";
import { pseudo } from "./pseudo";

test("a message is its words with what stands in its places", () => {
  expect(t`No place.`).toBe("No place.");
  expect(t`${2} jars of ${"500 mL"}`).toBe("2 jars of 500 mL");
  expect(t`In ${{ place: "the cellar" }}.`).toBe("In the cellar.");
});

test("a count takes one form or the other, with its digits where they belong", () => {
  const bottles = (count: number) =>
    plural(count, { one: "# bottle is left", other: "# bottles are left" });
  expect(bottles(1)).toBe("1 bottle is left");
  expect(bottles(0)).toBe("0 bottles are left");
  expect(bottles(12)).toBe("12 bottles are left");
});

test("the pseudo-language is longer, has no plain letter, and keeps digits and marks", () => {
  const said = pseudo("Put 3 bottles in the cellar, upright.");
  expect(said).not.toMatch(/[a-z]/i);
  expect(said).toMatch(/3.*,.*\.$/);
  expect(said.length).toBeGreaterThan("Put 3 bottles in the cellar, upright.".length * 1.2);
});

describe("with the pseudo-language switched on", () => {
  const here = globalThis.location;
  afterEach(() => {
    Object.defineProperty(globalThis, "location", { value: here, configurable: true });
    jest.resetModules();
  });

  test("words are of that language, and what stands in a place is not", async () => {
    Object.defineProperty(globalThis, "location", {
      value: { search: "?language=pseudo" },
      configurable: true,
    });
    jest.resetModules();
    const spoken = await import("./t");
    expect(spoken.t`Run ${12} of ${"Eve"}`).toBe(`${pseudo("Run ")}12${pseudo(" of ")}Eve`);
    expect(spoken.plural(2, { one: "# jar", other: "# jars" })).toBe(`2${pseudo(" jars")}`);
  });
});

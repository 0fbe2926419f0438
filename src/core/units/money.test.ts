import { currencyOf, moneySign, showMoney } from "./money";

test.each([
  ["en-US", "$12.50"],
  ["en-GB", "£12.50"],
  ["de-DE", "12,50 €"],
  ["en-IE", "€12.50"],
  ["ja-JP", "￥13"],
])("in %s twelve and a half are %s", (language, text) => {
  expect(showMoney(12.5, "", language)).toBe(text);
});

test("the person's own sign takes the place of the country's, with two decimals", () => {
  expect(showMoney(12.5, "€", "en-US")).toBe("€12.50");
  expect(showMoney(1250, "Fr.", "de-DE")).toBe("1.250,00 Fr.");
  expect(showMoney(12.5, "$", "ja-JP")).toBe("$12.50");
  expect(showMoney(NaN, "€", "en-US")).toBe("–");
});

test("a language without a country has its usual one; of none that is known no sign is made up", () => {
  expect(currencyOf("de")).toBe("EUR");
  expect(moneySign("en-GB")).toBe("£");
  expect(currencyOf("en-AQ")).toBeUndefined();
  expect(moneySign("en-AQ")).toBe("");
  expect(showMoney(12.5, "", "en-AQ")).toBe("12.50");
  expect(showMoney(12.5, "€", "en-AQ")).toBe("12.50 €");
});

import { deviceLanguage } from "./language";

/* What is paid with in a country (ISO 3166, ISO 4217); those of the euro together. */
const euro = "AT BE CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK".split(" ");
const ofCountry: Record<string, string> = {
  ...Object.fromEntries(euro.map((country) => [country, "EUR"])),
  AU: "AUD",
  BG: "EUR",
  BR: "BRL",
  CA: "CAD",
  CH: "CHF",
  CL: "CLP",
  CN: "CNY",
  CZ: "CZK",
  DK: "DKK",
  GB: "GBP",
  HU: "HUF",
  ID: "IDR",
  IL: "ILS",
  IN: "INR",
  IS: "ISK",
  JP: "JPY",
  KR: "KRW",
  LI: "CHF",
  MA: "MAD",
  MX: "MXN",
  NO: "NOK",
  NZ: "NZD",
  PL: "PLN",
  RO: "RON",
  RS: "RSD",
  SE: "SEK",
  TH: "THB",
  TN: "TND",
  TR: "TRY",
  UA: "UAH",
  US: "USD",
  VN: "VND",
  ZA: "ZAR",
};

/** The currency (ISO 4217) of a language's country; undefined where the language names none, or one not known here. */
export function currencyOf(language: string): string | undefined {
  const { region } = new Intl.Locale(language).maximize();
  return region === undefined ? undefined : ofCountry[region];
}

/** The sign of a language's money: "€", "$"; nothing where it is not known. */
export function moneySign(language = deviceLanguage()): string {
  const currency = currencyOf(language);
  if (currency === undefined) return "";
  return partsOf(1, currency, language).find(({ type }) => type === "currency")?.value ?? "";
}

/**
 * A sum of money as a country writes it: sign before or behind, its own mark and decimals.
 * @param own the person's own sign, in place of the country's
 */
export function showMoney(sum: number, own = "", language = deviceLanguage()): string {
  if (!Number.isFinite(sum)) return "–";
  const currency = currencyOf(language);
  /* Another money than the country's has two decimals; where no country is known its sign stands behind. */
  const foreign = own !== "" && own !== moneySign(language) && own !== currency;
  if (currency === undefined) {
    const digits = new Intl.NumberFormat(language, {
      minimumFractionDigits: 2,
      maximumFractionDigits: 2,
    });
    return `${digits.format(sum)} ${own}`.trim();
  }
  return partsOf(sum, foreign ? "EUR" : currency, language)
    .map(({ type, value }) => (type === "currency" && own !== "" ? own : value))
    .join("")
    .replaceAll("\u00a0", " ");
}

function partsOf(sum: number, currency: string, language: string): Intl.NumberFormatPart[] {
  return new Intl.NumberFormat(language, {
    style: "currency",
    currency,
    currencyDisplay: "narrowSymbol",
  }).formatToParts(sum);
}

const { formatter } = require("@lingui/format-po");

/* What the catalogue is gathered from: the app's own tag (src/language/t.ts), and where it is written to. */
module.exports = {
  locales: ["en"],
  sourceLocale: "en",
  catalogs: [
    {
      path: "locales/{locale}",
      include: ["src"],
      exclude: ["**/*.test.*", "src/testing/**", "src/language/**"],
    },
  ],
  macro: { corePackage: ["@/language/t"] },
  format: formatter({ lineNumbers: false }),
  orderBy: "origin",
};

/* The tag is the app's own (src/language/t.ts); the catalogue is gathered from it. */
module.exports = {
  locales: ["en"],
  sourceLocale: "en",
  catalogs: [{ path: "docs/messages/{locale}", include: ["src"], exclude: ["**/*.test.*", "src/testing/**"] }],
  macro: { corePackage: ["@/language/t"] },
  format: require("@lingui/format-po").formatter({ lineNumbers: false }),
  orderBy: "origin",
};

/*
 * Turns a file of the app into what a test can load: compiled, so that a first run of all tests does not spend a fifth of
 * its time on that. In a test's sandbox each look at `Math` goes through the sandbox's own global object, which makes
 * computing three times slower; as a constant of its file it costs nothing. Nothing here is ever replaced by a test.
 */
const { createTransformer } = require("@swc/jest");

const names = [
  "Array",
  "Float64Array",
  "Infinity",
  "Int32Array",
  "Map",
  "Math",
  "NaN",
  "Number",
  "Set",
  "String",
  "Uint8Array",
];

const swc = createTransformer({
  jsc: {
    target: "es2023",
    parser: { syntax: "typescript", tsx: true },
    transform: { react: { runtime: "automatic", importSource: "nativewind" } },
  },
});

/** The names as constants, where the file says them, behind its first directive: no line moves. */
function withConstants(code) {
  const said = names.filter((name) => new RegExp(`(?<![.\\w$])${name}\\b`).test(code));
  const constants = said.map((name) => `const ${name} = globalThis.${name};`).join("");
  return code.replace(/^"use strict";/, (directive) => directive + constants);
}

module.exports = {
  ...swc,
  process: (...given) => {
    const made = swc.process(...given);
    return { ...made, code: withConstants(made.code) };
  },
};

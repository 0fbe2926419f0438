const token = (name) => `var(--${name})`;
const names = [
  "ground",
  "panel",
  "ink",
  "soft",
  "line",
  "edge",
  "bottle",
  "on-bottle",
  "dew",
  "dew-wash",
  "dew-ink",
  "oil",
  "oil-wash",
  "oil-ink",
  "leaf",
  "leaf-wash",
  "leaf-ink",
  "ember",
  "ember-wash",
  "ember-ink",
  "on-ember",
];

/** @type {import("tailwindcss").Config} */
module.exports = {
  content: ["./src/app/**/*.tsx", "./src/features/**/*.tsx", "./src/ui/**/*.{ts,tsx}"],
  presets: [require("nativewind/preset")],
  darkMode: "class",
  /* Each of these would put its variables on every element of a page, where none is used: a sheet that opens would wait for them. */
  corePlugins: Object.fromEntries(
    [
      "backdropFilter",
      "borderSpacing",
      "boxShadow",
      "contain",
      "filter",
      "fontVariantNumeric",
      "gradientColorStops",
      "ringWidth",
      "rotate",
      "scale",
      "scrollSnapType",
      "skew",
      "touchAction",
      "transform",
      "translate",
    ].map((plugin) => [plugin, false]),
  ),
  theme: {
    extend: {
      colors: Object.fromEntries(names.map((name) => [name, token(name)])),
      borderRadius: { card: "18px" },
      fontFamily: {
        title: ["YoungSerif_400Regular"],
        body: ["Atkinson_400"],
        medium: ["Atkinson_600"],
        bold: ["Atkinson_700"],
      },
    },
  },
};

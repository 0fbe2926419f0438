/*
 * What the tests load for "react-native": each part by itself, when it is first asked for, as the app's own bundle does.
 * The web's whole set has some hundred parts, of which Sereno uses eight.
 */
const parts = { __esModule: true };
const otherwiseNamed = { unstable_createElement: "createElement" };

module.exports = new Proxy(parts, {
  get: (known, name) =>
    typeof name === "symbol" || name in known
      ? known[name]
      : require(`react-native-web/dist/exports/${otherwiseNamed[name] ?? name}`).default,
});

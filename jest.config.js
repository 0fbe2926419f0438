/* Two projects: the core and all that has no screen in plain Node; screens in a DOM. */
const esModules =
  "is-any-array|ml-.*|d3-.*|internmap|nanoid|date-fns|@noble|@react-native-async-storage|idb|marked";

const compiled = require.resolve("./scripts/lib/compileForTests.cjs");
const web = require("jest-expo/web/jest-preset");

/** @type {import("jest").Config} */
module.exports = {
  /* A whole screen on a loaded machine may take its time; no test waits for the clock. */
  testTimeout: 60_000,
  projects: [
    {
      displayName: "core",
      setupFiles: ["<rootDir>/src/testing/setupLanguage.ts"],
      testEnvironment: "node",
      testMatch: [
        "<rootDir>/src/**/*.test.ts",
        "<rootDir>/server/**/*.test.ts",
        "<rootDir>/scripts/**/*.test.ts",
      ],
      moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
      transform: { "\\.m?[jt]sx?$": compiled },
      transformIgnorePatterns: [`/node_modules/(?!(${esModules})/)`],
    },
    {
      displayName: "screens",
      setupFiles: [...(web.setupFiles ?? []), "<rootDir>/src/testing/setupLanguage.ts"],
      preset: "jest-expo/web",
      transform: {
        "^(?!.*/node_modules/).*\\.[jt]sx?$": compiled,
        "/node_modules/(?!(react-native|@react-native|expo-router)/).*\\.m?[jt]sx?$": compiled,
        ...web.transform,
      },
      testMatch: ["<rootDir>/src/**/*.test.tsx"],
      moduleNameMapper: {
        "^@/(.*)$": "<rootDir>/src/$1",
        "^d3-shape/src/(.*)$": "<rootDir>/node_modules/d3-shape/src/$1",
        "^react-native$": "<rootDir>/src/testing/reactNative.cjs",
        "\\.css$": "<rootDir>/src/testing/emptyStyle.js",
      },
      setupFilesAfterEnv: ["<rootDir>/src/testing/setupScreens.ts"],
      transformIgnorePatterns: [
        `/node_modules/(?!(.pnpm|react-native|@react-native|@react-native-community|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|nativewind|react-native-css-interop|lucide-react-native|sonner-native|@rn-primitives|${esModules})/|react-native-|@react-native-)`,
      ],
    },
  ],
};

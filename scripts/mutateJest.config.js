/* What `npm run mutate` tests with: the room's own tests, and those that lie above it. */
const { projects } = require("../jest.config");

const { displayName, ...core } = projects[0];
const room = process.env.MUTATED ?? "";
const above = room.split("/").map((_, i, parts) => parts.slice(0, i).join("/"));
module.exports = {
  ...core,
  rootDir: "..",
  testTimeout: 60_000,
  testMatch: [
    `<rootDir>/src/${room}/**/*.test.ts`,
    ...above.filter(Boolean).map((each) => `<rootDir>/src/${each}/*.test.ts`),
  ],
};

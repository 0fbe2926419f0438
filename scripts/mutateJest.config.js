/* What `npm run mutate` tests with: the room's own tests, and those that lie above it unless OWN is set (they are slow). */
const { projects } = require("../jest.config");

const { displayName, ...core } = projects[0];
const room = process.env.MUTATED ?? "";
const above = room.split("/").map((_, i, parts) => parts.slice(0, i).join("/"));
module.exports = {
  ...core,
  rootDir: "..",
  testTimeout: 60_000,
  /* WITHOUT names tests that take long and belong to a file that is not looked at. */
  testPathIgnorePatterns: process.env.WITHOUT ? [process.env.WITHOUT] : [],
  testMatch: [
    `<rootDir>/src/${room}/**/*.test.ts`,
    ...(process.env.OWN ? [] : above.filter(Boolean)).map(
      (each) => `<rootDir>/src/${each}/*.test.ts`,
    ),
  ],
};

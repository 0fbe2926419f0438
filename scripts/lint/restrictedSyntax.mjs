/*
 * The linter's own rule of this kind is not among those it brings: what a selector finds is told with that
 * selector's message. Options: `{ selector, message }` each.
 */
const restrictedSyntax = {
  meta: {
    type: "problem",
    schema: {
      type: "array",
      items: {
        type: "object",
        properties: { selector: { type: "string" }, message: { type: "string" } },
        required: ["selector", "message"],
        additionalProperties: false,
      },
    },
  },
  create: (context) =>
    Object.fromEntries(
      context.options.map(({ selector, message }) => [
        selector,
        (node) => context.report({ node, message }),
      ]),
    ),
};

export default { meta: { name: "sereno" }, rules: { "restricted-syntax": restrictedSyntax } };

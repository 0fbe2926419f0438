/*
 * The linter. Most rules are its own and compiled; the messages' comes from a package, one lies in `scripts/lint`.
 * What a room may import is told by how imports are written, for files of the app: `@/room/file`, or `./` and `../`
 * inside a room.
 */
import { readdirSync } from "node:fs";

/* Layers from the top down; an import may only go down, or stay inside its own. */
const layers = [
  "testing",
  "app",
  "features",
  "ui",
  "exchange",
  "store",
  "instruments",
  "storage",
  "workers",
  "demo",
  "words",
  "logbook",
  "records",
  "messages",
  "core",
  "language",
];
/* The interface's parts know numbers and units, not records. */
const exceptions = { ui: ["core", "language"] };

const tests = ["**/*.test.ts", "**/*.test.tsx"];

/** No import of these folders, from the root of the sources or up from where the file lies. */
const without = (folders, message, from = "") => ({
  regex: `^(@/${from}|(\\.\\./)+(${from})?)(${folders.join("|")})(/|$)`,
  message,
});

const limited = (files, patterns, paths = [noGathering], excludeFiles = tests) => ({
  files,
  excludeFiles,
  rules: { "no-restricted-imports": ["error", { paths, patterns }] },
});

/* One file of the core that gathers them all would bring the whole core onto the first screen. */
const noGathering = { name: "@/core", message: "Import the file itself: @/core/units/format." };

/** What a file of a layer may not import. */
function outOf(layer) {
  const known = exceptions[layer] ?? layers.slice(layers.indexOf(layer) + 1);
  const closed = layers.filter((other) => other !== layer && !known.includes(other));
  return without(closed, `${layer} lies below it, or does not know it.`);
}

/* What a screen drew may be old by the time of a tap: changes are acts in store/acts, which read what is there then. */
const acts = {
  name: "@/store/changes",
  importNames: ["keep", "keepUndoable"],
  message: "Write an act in src/store/acts.",
};

/* A feature never imports another. */
const features = readdirSync("src/features").map((feature, _, all) => {
  const others = all.filter((other) => other !== feature);
  return limited(
    [`src/features/${feature}/**`],
    [outOf("features"), without(others, "A feature never imports another.", "features/")],
    [noGathering, acts],
  );
});

/*
 * The floors inside two rooms, from the ground up: a floor knows those below it. Files that lie in a room itself are
 * the ground of the core (`keysOf`), and the roof of the logbook (`backupDue`).
 */
const floors = {
  core: [
    ...["units", "numeric", "statistics", "calendar"],
    ...["water", "shelf", "cooling", "still", "plant", "extraction", "separation"],
    ...["forecast", "plan", "run", "yield", "learn", "care", "practice", "day"],
  ],
  logbook: [
    ...["plant", "run", "shelf", "still", "harvest", "trial"],
    ...["plan", "day", "past", "practice", "find", "learn"],
  ],
};

/** What a file on a floor may not import of its room. */
function above(room, floor) {
  const higher = floors[room].slice(floors[room].indexOf(floor) + 1);
  return higher.length > 0 ? [without(higher, `${room}/${floor} lies below it.`, `${room}/`)] : [];
}

/* The core is computation: it knows no framework, no storage, no clock, and no sentence. */
const pure = {
  regex: "^(react|@reduxjs/|zod|expo)",
  message: "The core knows no framework.",
};
const wordless = without(["language"], "The core returns codes and figures, not sentences.");
/* Two of its rooms hold words: numbers as people say them, and the book of plants. */
const speaking = {
  units: ["src/core/units/*.ts"],
  plant: ["src/core/plant/catalogue/**", "src/core/plant/compoundOdours.ts"],
};

const coreFloors = floors.core.flatMap((floor) => {
  const spoken = [pure, outOf("core"), ...above("core", floor)];
  return [
    limited([`src/core/${floor}/**`], [...spoken, wordless]),
    ...(speaking[floor] ? [limited(speaking[floor], spoken)] : []),
  ];
});
const logbookFloors = floors.logbook.map((floor) =>
  limited([`src/logbook/${floor}/**`], [outOf("logbook"), ...above("logbook", floor)]),
);

/* The rule of messages takes one small word for a code: where a person would read it, it is none. */
const told =
  "/^(title|label|placeholder|detail|suffix|says|inWords|inside|help|remedy|message|over|hint|button|plantName)$/";
const oneOf = (within) =>
  [
    `${within} > Literal`,
    `${within} > ConditionalExpression > Literal.consequent`,
    `${within} > ConditionalExpression > Literal.alternate`,
    `${within} > LogicalExpression > Literal.right`,
  ].map((each) => `${each}[value=/[a-z]{2}/]:not([value=/^(ppm|mg.L)$/])`);
const loneWords = [
  "JSXElement > JSXExpressionContainer",
  "JSXAttribute[name.name='what']",
  `JSXAttribute[name.name=${told}]`,
  `JSXAttribute[name.name=${told}] > JSXExpressionContainer`,
  `Property[key.name=${told}]`,
]
  .flatMap(oneOf)
  .map((selector) => ({ selector, message: "A person reads this: make it a message, t`…`." }));

export default {
  plugins: ["eslint", "typescript", "import", "react"],
  jsPlugins: ["eslint-plugin-lingui", "./scripts/lint/restrictedSyntax.mjs"],
  /* What is wrong or useless in any program. */
  categories: { correctness: "error" },
  options: { denyWarnings: true, reportUnusedDisableDirectives: "error" },
  ignorePatterns: ["dist", ".expo", ".cache", "node_modules", "test-results", "public"],
  rules: {
    eqeqeq: ["error", "smart"],
    "no-extend-native": "error",
    "no-redeclare": "error",
    "no-unused-expressions": ["error", { allowShortCircuit: true }],
    "no-unused-vars": [
      "error",
      { varsIgnorePattern: "^_", argsIgnorePattern: "^_", ignoreRestSiblings: true },
    ],
    "no-useless-constructor": "error",
    "no-var": "error",
    /* Lines of a file and of a calendar are read without what steers a printer. */
    "no-control-regex": "off",
    "typescript/array-type": ["error", { default: "array" }],
    "typescript/consistent-type-assertions": "error",
    "typescript/no-empty-object-type": "error",
    "typescript/no-explicit-any": "error",
    "import/first": "error",
    "import/no-cycle": "error",
    "import/no-duplicates": "error",
    /* The compiler judges these. */
    "import/default": "off",
    "import/namespace": "off",
    "react/display-name": "error",
    "react/jsx-no-comment-textnodes": "error",
    "react/no-unescaped-entities": "error",
    "react/no-unknown-property": "error",
    "react/rules-of-hooks": "error",
    "react/exhaustive-deps": "error",
    /* What a component may do while it is drawn. */
    "react/error-boundaries": "error",
    "react/globals": "error",
    "react/immutability": "error",
    "react/incompatible-library": "error",
    "react/preserve-manual-memoization": "error",
    "react/purity": "error",
    "react/refs": "error",
    "react/set-state-in-effect": "error",
    "react/set-state-in-render": "error",
    "react/static-components": "error",
    "react/unsupported-syntax": "error",
    "react/use-memo": "error",
  },
  overrides: [
    {
      files: ["**/*.{ts,tsx}"],
      rules: { "typescript/no-require-imports": ["error", { allow: ["\\.(ttf|otf)$"] }] },
    },
    {
      /* No compiler looks these over. */
      files: ["**/*.{js,mjs,cjs}"],
      env: { node: true, browser: true, jest: true },
      rules: { "no-undef": "error" },
    },
    limited(["src/**"], [], [noGathering], []),
    ...layers
      .filter((layer) => layer !== "features" && layer !== "testing")
      .map((layer) => limited([`src/${layer}/**`], [outOf(layer)])),
    ...features,
    limited(["src/core/*"], [pure, outOf("core"), wordless]),
    ...coreFloors,
    ...logbookFloors,
    {
      files: ["src/core/**"],
      excludeFiles: tests,
      rules: {
        "no-restricted-properties": [
          "error",
          { object: "Math", property: "random", message: "Chance comes from a seed handed in." },
          { object: "Date", property: "now", message: "The core has no clock." },
        ],
      },
    },
    {
      /* What a person reads is a message (src/language/t.ts): a sentence outside one is in no catalogue. */
      files: ["src/**/*.{ts,tsx}"],
      excludeFiles: [
        "**/*.test.{ts,tsx}",
        "src/testing/**",
        "src/demo/**",
        "src/language/**",
        /* Names of chemistry and of botany, units, schemas and drawings in a file of their own. */
        "src/core/plant/{compounds,neverDistil,plantMarks}.ts",
        "src/core/units/{units,spelledOut}.ts",
        "src/exchange/labels/labelSvg.ts",
        "src/exchange/logbookJsonSchema.ts",
        "src/records/{codes,planDraft}.ts",
        "src/ui/focusHeading.ts",
      ],
      rules: {
        "sereno/restricted-syntax": [
          "error",
          {
            selector:
              "TaggedTemplateExpression[tag.name='t'] > TemplateLiteral > ConditionalExpression:matches([consequent.type='Literal'], [consequent.type='TaggedTemplateExpression'], [alternate.type='Literal'], [alternate.type='TaggedTemplateExpression'])",
            message: "Write each sentence whole, or use plural.",
          },
          /* The rule below takes a list's words for a message's own choices. */
          {
            selector:
              "JSXElement[openingElement.name.name='Select'] :matches(JSXAttribute[name.name='label'], Property[key.name='label']) > Literal",
            message: "Make it a message: t`…`.",
          },
          ...loneWords,
        ],
        "lingui/no-unlocalized-strings": [
          "error",
          {
            /* One word in small letters is a code; so are constants, addresses, style classes and the paths of drawings. */
            ignore: [
              "^(?![A-Z])\\S+$",
              "^[A-Z0-9_-]+$",
              "^[^A-Za-z]*$",
              "^(#|https?:|var\\(|calc\\()",
              "\\b(flex|gap|bg|text|font|border|rounded|min|max|items|justify|absolute|relative|transition|opacity|px|py|mt|w|h)-[\\w\\[]",
              "^ ?[MmLlVvHhZzCcSsqa]( |-?\\d|$)|^[VLHCqZ0-9 .-]+$",
              "^ ?(translate|rotate|scale|matrix)\\(",
              "^\\([a-z-]+: [a-z]+\\)$",
              "^T\\d\\d:|^T$|^:\\d\\d$",
              "^% [vw]/w$|^0.2 µm$|^Sereno$",
              "^(BEGIN|VERSION|PRODID|METHOD|END):|^\\$1 ",
              "^(Low|High|Small|Large|LPerKg|Control\\+K)$",
            ],
            ignoreNames: [
              "botanicalName",
              {
                regex: {
                  pattern:
                    "^(className|style|styles|key|id|testID|nativeID|href|role|type|d|transform|points|fill|stroke.*|viewBox|icon|color|.*Class|pathname|rel|target|inputMode|accept|.*Color|background.*|boxShadow|border.*|animation.*|transition.*|font.*|margin.*|padding.*|mime|contentContainerClassName|figure)$",
                },
              },
            ],
            ignoreFunctions: [
              "*Error",
              "console.*",
              "require",
              "*.split",
              "*.includes",
              "*.startsWith",
              "*.endsWith",
              "*.querySelector",
              "*.setAttribute",
              "*.scryptAsync",
              "scryptAsync",
              "*.querySelectorAll",
              "*.addEventListener",
              "*.set",
              "*.get",
              "Symbol",
            ],
          },
        ],
      },
    },
  ],
};

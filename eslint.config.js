const { defineConfig } = require("eslint/config");
const expo = require("eslint-config-expo/flat");
const boundaries = require("eslint-plugin-boundaries");
const lingui = require("eslint-plugin-lingui");
const prettier = require("eslint-config-prettier");

/* Layers from the top down; an import may only go down, or stay inside its own element. */
const layers = [
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
const below = (layer) => layers.slice(layers.indexOf(layer) + 1);
/* A feature never imports another feature; the interface's parts know numbers and units, not records. */
const exceptions = { ui: ["core", "language"] };

/* One file of the core that gathers them all would bring the whole core onto the first screen. */
const noGathering = { name: "@/core", message: "Import the file itself: @/core/units/format." };

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

/** What a file on a floor may not import, for whichever way it is written. */
function above(room, floor) {
  const higher = floors[room].slice(floors[room].indexOf(floor) + 1);
  return {
    group: higher.flatMap((name) => [`../${name}/*`, `../../${name}/*`, `@/${room}/${name}/*`]),
    message: `${room}/${floor} lies below it.`,
  };
}

/* The core is computation: it knows no framework, no storage, no clock, and no sentence. */
const outside = ["react*", "@reduxjs/*", "zod", "expo*", "@/*"];
/* Two of its rooms hold words: numbers as people say them, and the book of plants. */
const speaking = {
  units: ["src/core/units/*.ts"],
  plant: ["src/core/plant/catalogue/**/*.ts", "src/core/plant/compoundOdours.ts"],
};

/** Only so much of the core and of the language is known on a floor of the core. */
const coreFloors = floors.core.flatMap((floor) => {
  const only = (files, patterns) => ({
    files,
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-imports": ["error", { patterns: [{ group: patterns }, ...rising(floor)] }],
    },
  });
  return [
    only([`src/core/${floor}/**/*.ts`], outside),
    ...(speaking[floor]
      ? [only(speaking[floor], [...outside, "!@/language", "!@/language/*"])]
      : []),
  ];
});

function rising(floor) {
  const patterns = above("core", floor);
  return patterns.group.length > 0 ? [patterns] : [];
}

const logbookFloors = floors.logbook.slice(0, -1).map((floor) => ({
  files: [`src/logbook/${floor}/**/*.ts`],
  ignores: ["**/*.test.ts"],
  rules: {
    "no-restricted-imports": [
      "error",
      { paths: [noGathering], patterns: [above("logbook", floor)] },
    ],
  },
}));

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

module.exports = defineConfig([
  {
    ignores: [
      "dist/**",
      ".expo/**",
      ".cache/**",
      "node_modules/**",
      "test-results/**",
      "public/**",
    ],
  },
  ...expo,
  {
    files: ["src/**/*.ts", "src/**/*.tsx"],
    ignores: ["**/*.test.ts", "**/*.test.tsx", "src/testing/**"],
    plugins: { boundaries },
    settings: {
      "boundaries/include": ["src/**/*"],
      "boundaries/elements": [
        { type: "features", pattern: "src/features/*", capture: ["feature"] },
        ...layers
          .filter((layer) => layer !== "features")
          .map((layer) => ({ type: layer, pattern: `src/${layer}` })),
      ],
    },
    rules: {
      "boundaries/dependencies": [
        "error",
        {
          default: "disallow",
          policies: layers.map((layer) => ({
            from: { element: { type: layer } },
            allow: [
              layer === "features"
                ? {
                    to: {
                      element: {
                        type: "features",
                        captured: { feature: "{{from.captured.feature}}" },
                      },
                    },
                  }
                : { to: { element: { type: layer } } },
              { to: { element: { type: exceptions[layer] ?? below(layer) } } },
            ],
          })),
        },
      ],
    },
  },
  {
    files: ["src/**/*.{ts,tsx}"],
    rules: { "no-restricted-imports": ["error", { paths: [noGathering] }] },
  },
  {
    /* The ground of the core; its floors follow. */
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-imports": ["error", { patterns: outside }],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Chance comes from a seed handed in." },
        { object: "Date", property: "now", message: "The core has no clock." },
      ],
    },
  },
  ...coreFloors,
  ...logbookFloors,
  {
    /* What a person reads is a message (src/language/t.ts): a sentence outside one is in no catalogue. */
    files: ["src/**/*.{ts,tsx}"],
    ignores: [
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
    plugins: { lingui },
    rules: {
      "no-restricted-syntax": [
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
  {
    /* What a screen drew may be old by the time of a tap: changes are acts in store/acts, which read what is there then. */
    files: ["src/features/**/*.{ts,tsx}"],
    ignores: ["**/*.test.tsx"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          paths: [
            noGathering,
            {
              name: "@/store/changes",
              importNames: ["keep", "keepUndoable"],
              message: "Write an act in src/store/acts.",
            },
          ],
        },
      ],
    },
  },
  {
    files: ["**/*.ts", "**/*.tsx"],
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-unused-vars": [
        "error",
        { varsIgnorePattern: "^_", argsIgnorePattern: "^_" },
      ],
      /* The compiler judges these, and does not read every file anew for it. */
      "import/no-unresolved": "off",
      "import/namespace": "off",
      "import/named": "off",
      "import/default": "off",
      "import/export": "off",
      "import/no-named-as-default": "off",
      "import/no-named-as-default-member": "off",
    },
  },
  prettier,
]);

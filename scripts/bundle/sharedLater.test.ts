import { type Artifact, type Graph, partShared } from "./sharedLater";

const hash = "0123456789abcdef0123456789abcdef";
const modules = ["entry", "today", "plan", "shelf", "button", "chart", "scale", "words"];
const idOf = (path: string) => modules.indexOf(path);
const line = (path: string) => `__d((function(g,r){r(1)}),${idOf(path)},[]);`;

/** What imports what; a page is imported when it is opened. */
const graphOf = (imports: Record<string, string[]>, pages: readonly string[]): Graph => ({
  dependencies: new Map(
    modules.map((path) => [
      path,
      {
        dependencies: new Map(
          (imports[path] ?? []).map((absolutePath) => [
            absolutePath,
            {
              absolutePath,
              data: { data: { asyncType: pages.includes(absolutePath) ? "async" : null } },
            },
          ]),
        ),
      },
    ]),
  ),
});

const graph = graphOf(
  {
    entry: ["today", "plan", "shelf"],
    today: ["button", "words"],
    plan: ["button", "chart"],
    shelf: ["button", "chart", "words"],
    chart: ["scale"],
  },
  ["today", "plan", "shelf"],
);

const file = (name: string, paths: string[], isAsync = false): Artifact => ({
  type: "js",
  filename: `js/${name}-${hash}.js`,
  source: paths.map(line).join("\n"),
  metadata: { isAsync, modulePaths: paths, requires: [`js/__expo-metro-runtime-${hash}.js`] },
});

const bundle = () => [
  { ...file("__expo-metro-runtime", []), source: "var runtime;" },
  file("__common", ["button", "chart", "scale", "words"]),
  file("entry", ["entry"]),
  file("today", ["today"], true),
  file("plan", ["plan"], true),
  file("shelf", ["shelf"], true),
];
const named = (files: Artifact[], name: string) =>
  files.find(({ filename }) => filename.includes(`/${name}-`))!;

test("what the first page does not need moves to a file of its own, with all that it stands on", () => {
  const parted = partShared(bundle(), graph, idOf, ["today"]);
  expect(named(parted, "__common").source).toBe([line("button"), line("words")].join("\n"));
  expect(named(parted, "__later").source).toBe([line("chart"), line("scale")].join("\n"));
  expect(named(parted, "__later").metadata).toMatchObject({
    isAsync: true,
    modulePaths: ["chart", "scale"],
  });
});

test("the bundle says where that file is and which pages do without it", () => {
  const parted = partShared(bundle(), graph, idOf, ["today"]);
  const told = /sharedLater=(\{.*\});/.exec(named(parted, "__expo-metro-runtime").source)![1]!;
  expect(JSON.parse(told)).toEqual({
    file: `/${named(parted, "__later").filename}`,
    alone: [`/js/today-${hash}.js`],
  });
});

test("a file that changed has a new name, and the others ask for it by that", () => {
  const parted = partShared(bundle(), graph, idOf, ["today"]);
  const runtime = named(parted, "__expo-metro-runtime").filename;
  expect(runtime).not.toContain(hash);
  expect(named(parted, "__common").filename).not.toContain(hash);
  expect(parted.every(({ metadata }) => metadata.requires![0] === runtime)).toBe(true);
  expect(named(parted, "plan").filename).toContain(hash);
});

test("a bundle that is not as expected is refused, not shipped in part", () => {
  expect(() => partShared(bundle().slice(1), graph, idOf, ["today"])).toThrow(/no __expo-metro/);
  const [runtime, shared, ...rest] = bundle();
  const odd = { ...shared!, source: `${shared!.source}\nvar more;` };
  expect(() => partShared([runtime!, odd, ...rest], graph, idOf, ["today"])).toThrow(/no module/);
  const short = { ...shared!, source: line("button") };
  expect(() => partShared([runtime!, short, ...rest], graph, idOf, ["today"])).toThrow(
    /lacks module/,
  );
});

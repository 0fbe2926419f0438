/*
 * The bundler puts whatever two pages share into one file that is sent before the first page. This step
 * parts that file: what the first page needs stays, the rest becomes a file that is fetched with the first
 * of the other pages. The bundle itself says which (`globalThis.sharedLater`), and `src/loader.ts` obeys.
 */
const { createHash } = require("node:crypto");

/** Modules that a set of starting ones reaches without an `import()`. */
function reachedFrom(starts, graph) {
  const reached = new Set();
  const open = [...starts];
  for (let path = open.pop(); path !== undefined; path = open.pop()) {
    const module = graph.dependencies.get(path);
    if (!module || reached.has(path)) continue;
    reached.add(path);
    for (const { absolutePath, data } of module.dependencies.values())
      if (absolutePath && !data.data.asyncType) open.push(absolutePath);
  }
  return reached;
}

/** The file's name with the hash of what it holds now. */
const renamed = (name, source) =>
  name.replace(/-[0-9a-f]{32}\.js$/, `-${createHash("md5").update(source).digest("hex")}.js`);

/** A file's source by module, in its order: each is a line `__d((function…),ID,[…]);`. */
function byModule(source) {
  const modules = new Map();
  for (const line of source.split(/\n(?=__d\()/)) {
    const id = /\}\)?,(\d+),[[{][^\n]*\);?\s*$/.exec(line)?.[1];
    if (!line.startsWith("__d(") || !id || modules.has(id))
      throw new Error(`The shared file holds a line that is no module: ${line.slice(0, 80)}`);
    modules.set(id, line);
  }
  return modules;
}

/**
 * Parts the shared file of a finished bundle.
 *
 * @param artifacts The bundler's files: `filename`, `source`, `metadata`.
 * @param graph The bundler's modules by path.
 * @param idOf A module's number in the bundle, by its path.
 * @param firstPages Paths of the modules that the first page starts with.
 * @returns The files, the shared one parted and renamed. Throws where the bundle is not as expected.
 */
function partShared(artifacts, graph, idOf, firstPages) {
  const files = artifacts.filter(({ type }) => type === "js");
  const find = (what, test) => {
    const file = files.find(test);
    if (!file) throw new Error(`The bundle has no ${what}.`);
    return file;
  };
  const named = (name) => find(name, ({ filename }) => filename.includes(`/${name}-`));
  const [shared, runtime, entry] = ["__common", "__expo-metro-runtime", "entry"].map(named);

  const needed = reachedFrom([...entry.metadata.modulePaths, ...firstPages], graph);
  const isLater = (path) => !needed.has(path);
  const later = shared.metadata.modulePaths.filter(isLater);
  const laterIds = new Set(later.map((path) => String(idOf(path))));
  const modules = byModule(shared.source);
  for (const id of laterIds)
    if (!modules.has(id)) throw new Error(`The shared file lacks module ${id}.`);
  const sourceOf = (wanted) =>
    [...modules].flatMap(([id, line]) => (laterIds.has(id) === wanted ? [line] : [])).join("\n");

  const laterSource = sourceOf(true);
  const firstSource = sourceOf(false);
  const laterName = renamed(shared.filename.replace("__common-", "__later-"), laterSource);
  const laterPaths = new Set(later);
  const alone = files
    .filter(({ metadata }) => metadata.isAsync)
    .filter(({ metadata }) => {
      const reached = reachedFrom(metadata.modulePaths, graph);
      return ![...reached].some((path) => laterPaths.has(path));
    })
    .map(({ filename }) => `/${filename}`);
  const told = JSON.stringify({ file: `/${laterName}`, alone });
  const runtimeSource = `${runtime.source}\nglobalThis.sharedLater=${told};\n`;

  const names = new Map([
    [shared.filename, renamed(shared.filename, firstSource)],
    [runtime.filename, renamed(runtime.filename, runtimeSource)],
  ]);
  const withNames = (file) => ({
    ...file,
    filename: names.get(file.filename) ?? file.filename,
    metadata: {
      ...file.metadata,
      requires: file.metadata.requires?.map((name) => names.get(name) ?? name),
    },
  });
  const withSource = (file) => {
    if (file === shared)
      return {
        ...file,
        source: firstSource,
        metadata: {
          ...file.metadata,
          modulePaths: shared.metadata.modulePaths.filter((path) => !isLater(path)),
        },
      };
    return file === runtime ? { ...file, source: runtimeSource } : file;
  };
  const laterFile = {
    ...shared,
    filename: laterName,
    source: laterSource,
    metadata: { ...shared.metadata, isAsync: true, modulePaths: later },
  };
  return [...artifacts.map(withSource), laterFile].map(withNames);
}

/** The bundler's serializer with the shared file parted where the whole app is built for the web. */
function withSharedLater(serialize, firstPages) {
  const parted = async (entryPoint, preModules, graph, options) => {
    const built = await serialize(entryPoint, preModules, graph, options);
    const isExport = options.serializerOptions?.exporting && Array.isArray(built?.artifacts);
    if (!isExport || options.serializerOptions.includeSourceMaps) return built;
    const environment = graph.transformOptions?.customTransformOptions?.environment ?? "client";
    const context = { platform: graph.transformOptions?.platform, environment };
    const idOf = (path) => options.createModuleId(path, context);
    return { ...built, artifacts: partShared(built.artifacts, graph, idOf, firstPages) };
  };
  return Object.assign(parted, { __expoSerializer: true, __originalSerializer: serialize });
}

module.exports = { partShared, withSharedLater };

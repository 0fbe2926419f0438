/** A file of a finished bundle, as far as parting it goes. */
export interface Artifact {
  type: string;
  filename: string;
  source: string;
  metadata: { isAsync: boolean; modulePaths: string[]; requires?: string[] };
}

interface Dependency {
  absolutePath: string;
  data: { data: { asyncType: "async" | "worker" | null } };
}

export interface Graph {
  dependencies: Map<string, { dependencies: Map<string, Dependency> }>;
}

export function partShared(
  artifacts: readonly Artifact[],
  graph: Graph,
  idOf: (path: string) => number,
  firstPages: readonly string[],
): Artifact[];

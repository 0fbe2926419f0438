declare module "react-native-web" {
  import type { ReactElement } from "react";
  /** An element of the page itself, styled like a component. */
  export function unstable_createElement(tag: string, props: Record<string, unknown>): ReactElement;
}

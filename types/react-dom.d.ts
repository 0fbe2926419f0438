/* Of React's own way into the page only this is called by name: state that must be drawn before the next line. */
declare module "react-dom" {
  export function flushSync<Result>(work: () => Result): Result;
}

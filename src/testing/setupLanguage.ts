/* Tests speak British English wherever they run. */
if (typeof navigator === "undefined")
  Object.defineProperty(globalThis, "navigator", { value: {}, configurable: true, writable: true });
Object.defineProperty(navigator, "language", { value: "en-GB", configurable: true });

/** Lets a worker's waiting messages in: a channel's turn comes after theirs, and sooner than a timer's. */
export function breathe(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(0);
  });
}

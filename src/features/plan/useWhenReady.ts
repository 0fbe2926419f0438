import { useEffect, useRef, useState } from "react";

/**
 * Does what was asked for once there is nothing more to wait for: a tap straight after the last digit counts, as soon
 * as what that digit comes to is there. Each asking is answered once.
 */
export function useWhenReady(waits: boolean, act: () => void): () => void {
  const [asked, ask] = useState<object>();
  const answered = useRef<object>(undefined);
  useEffect(() => {
    if (!asked || answered.current === asked || waits) return;
    answered.current = asked;
    act();
  });
  return () => ask({});
}

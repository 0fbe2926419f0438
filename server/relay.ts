import type { RelayEvent, SealedMessage } from "../src/messages/relayMessages";

interface Kept extends Omit<SealedMessage, "keep"> {
  /** Its place in the line's order, from 1 on. */
  seq: number;
  at: number;
}

/** A device that listens: takes what comes, or says that it cannot take more. */
export interface Listener {
  device: string;
  send(event: RelayEvent, seq?: number): void;
}

interface Line {
  kept: Kept[];
  /** Characters of all that is kept. */
  size: number;
  /** The number of the newest message. */
  seq: number;
  listeners: Set<Listener>;
  usedAt: number;
  ended: boolean;
}

/** How much is kept, and for how long. */
export interface RelayLimits {
  /** Of one line, in characters. */
  perLine: number;
  /** Of all lines together, in characters. */
  inAll: number;
  lines: number;
  /** Devices that listen on one line at once, tabs of one device among them. */
  listeners: number;
  /** A week: who is away for longer is told by the other device. */
  keepMs: number;
}

const usual: RelayLimits = {
  perLine: 10e6,
  inAll: 200e6,
  lines: 500,
  listeners: 12,
  keepMs: 7 * 86400e3,
};

/** A line cannot be opened or used: it was ended, or there are too many. */
export class NoLine extends Error {
  constructor(
    message: string,
    readonly ended = false,
  ) {
    super(message);
  }
}

/**
 * Hands sealed messages from one device to the other, and keeps them in memory for one that is away: at most
 * ten megabytes a line and a week, the oldest given up first. It has no key and reads nothing. What it gave up
 * the two devices find out and exchange by themselves.
 */
export class Relay {
  private readonly lines = new Map<string, Line>();
  private readonly limits: RelayLimits;

  constructor(
    private readonly now: () => number = Date.now,
    limits: Partial<RelayLimits> = {},
  ) {
    this.limits = { ...usual, ...limits };
  }

  /**
   * Passes a message on to whoever else listens on the line, and keeps it for who does not.
   * @throws NoLine where the line was ended or there is no room for another
   */
  post(name: string, { keep, ...message }: SealedMessage): number {
    const line = this.line(name);
    line.seq += 1;
    const { seq } = line;
    if (keep) {
      line.kept.push({ ...message, seq, at: this.now() });
      line.size += message.sealed.length;
      this.keepWithin(line);
    }
    const event: RelayEvent = { kind: "message", ...message };
    for (const listener of line.listeners)
      if (listener.device !== message.from) listener.send(event, seq);
    return seq;
  }

  /**
   * Listens on a line: first what others sent after `after`, then each as it comes.
   * @returns a function that stops listening
   * @throws NoLine where the line was ended, or too many listen
   */
  listen(name: string, listener: Listener, after: number): () => void {
    const line = this.line(name);
    if (line.listeners.size >= this.limits.listeners)
      throw new NoLine("too many tabs and devices listen on this line");
    this.giveUpOld(line);
    /* A relay that was started anew counts from 1 again. */
    const from = after > line.seq ? 0 : after;
    for (const { seq, from: sender, sealed } of line.kept)
      if (seq > from && sender !== listener.device)
        listener.send({ kind: "message", from: sender, sealed }, seq);
    line.listeners.add(listener);
    this.tellPresent(line);
    return () => {
      if (line.listeners.delete(listener)) this.tellPresent(line);
    };
  }

  /** A device has everything up to a number: what the others sent until then is kept no longer. */
  has(name: string, device: string, upTo: number): void {
    const line = this.lines.get(name);
    if (!line) return;
    line.kept = line.kept.filter(({ seq, from }) => seq > upTo || from === device);
    line.size = sizeOf(line);
  }

  /** Ends a line for both: nothing on it is kept, and nobody may use it again. */
  end(name: string): void {
    const line = this.line(name);
    line.ended = true;
    line.kept = [];
    line.size = 0;
    for (const listener of line.listeners) listener.send({ kind: "ended" });
    line.listeners.clear();
  }

  /** What all lines keep, in characters. */
  size(): number {
    let size = 0;
    for (const line of this.lines.values()) size += line.size;
    return size;
  }

  private line(name: string): Line {
    const known = this.lines.get(name);
    if (known) {
      if (known.ended) throw new NoLine("this line was ended", true);
      known.usedAt = this.now();
      return known;
    }
    this.makeRoom();
    const line: Line = {
      kept: [],
      size: 0,
      seq: 0,
      listeners: new Set(),
      usedAt: this.now(),
      ended: false,
    };
    this.lines.set(name, line);
    return line;
  }

  /* A line that nobody listens on and that was not used for a week goes first; a used one never. */
  private makeRoom(): void {
    const longAgo = this.now() - this.limits.keepMs;
    for (const [name, { listeners, usedAt }] of this.lines)
      if (listeners.size === 0 && usedAt < longAgo) this.lines.delete(name);
    if (this.lines.size >= this.limits.lines)
      throw new NoLine("this server has no room for more lines");
  }

  private keepWithin(line: Line): void {
    this.giveUpOld(line);
    while (line.size > this.limits.perLine && line.kept.length > 0) giveUpFirst(line);
    let over = this.size() - this.limits.inAll;
    while (over > 0) {
      const largest = [...this.lines.values()].reduce((a, b) => (a.size >= b.size ? a : b));
      if (largest.kept.length === 0) return;
      over -= giveUpFirst(largest);
    }
  }

  private giveUpOld(line: Line): void {
    const oldest = this.now() - this.limits.keepMs;
    while (line.kept.length > 0 && line.kept[0]!.at < oldest) giveUpFirst(line);
  }

  private tellPresent(line: Line): void {
    const devices = [...new Set([...line.listeners].map(({ device }) => device))];
    for (const listener of line.listeners) listener.send({ kind: "present", devices });
  }
}

function giveUpFirst(line: Line): number {
  const length = line.kept.shift()?.sealed.length ?? 0;
  line.size -= length;
  return length;
}

function sizeOf(line: Line): number {
  return line.kept.reduce((sum, { sealed }) => sum + sealed.length, 0);
}

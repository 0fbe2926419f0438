import type { Fault } from "@/core/practice/faults";
import { simulationStateSchema } from "@/messages/instrumentMessages";
import type { SampleStorage } from "@/storage/sampleStorage";
import { postJson } from "./postJson";
import { SampleFeed } from "./sampleFeed";
import { openSharedSource, type Heard } from "./sharedSource";

export type InstrumentStatus = "none" | "connecting" | "live" | "lost" | "silent" | "gone";

/** How a line stands; a new object with each change. */
export interface InstrumentHealth {
  status: InstrumentStatus;
  /** What the simulated still suffers from. */
  faults: readonly Fault[];
  /** Why the last samples are not stored; they wait in the feed and are tried again. */
  unstored?: string;
}

/** What the person does to the still, which a simulated one feels. */
export interface StillHandling {
  /** Heat at the source, W. */
  powerW: number;
  /** All ice put into the tub since the heat went on, kg: said as a sum, so that it may be said twice. */
  iceAddedKg: number;
  /** All water put into the pot since the heat went on, mL. */
  waterAddedMl: number;
}

/** Opens an instrument's stream by its id; what comes back stops hearing it. */
export type OpenSource = (id: string, heard: Heard) => () => void;

const serverSource: OpenSource = (id, heard) =>
  openSharedSource(`/instruments/${id}/stream`, heard);

const flushMs = 5000;

/**
 * A run's samples and the line to its instrument. It is open while somebody holds it: samples come in
 * and are stored whichever screen is shown.
 */
export class InstrumentLine {
  readonly feed: SampleFeed;
  health: InstrumentHealth = { status: "none", faults: [] };
  private holders = 0;
  private id: string | undefined;
  private stop: (() => void) | undefined;
  private timer: ReturnType<typeof setInterval> | undefined;
  private told = "";
  /* What was stored before stands in the feed, or never will. */
  private restored: Promise<void> = Promise.resolve();
  private listeners = new Set<() => void>();

  constructor(
    private readonly runId: string,
    private readonly samples: SampleStorage,
    /** Called when nobody holds the line any more and all is stored. */
    private readonly onIdle: () => void,
    private readonly openSource: OpenSource = serverSource,
  ) {
    this.feed = new SampleFeed(runId);
  }

  /** Opens the line for somebody; call what comes back to let go. */
  hold(): () => void {
    this.holders += 1;
    if (this.holders === 1) this.open();
    let held = true;
    return () => {
      if (held) this.holders -= 1;
      if (held && this.holders === 0) void this.close();
      held = false;
    };
  }

  /** Hears the instrument of this id; undefined hears none. */
  listenTo(id: string | undefined): void {
    if (id === this.id) return;
    this.stop?.();
    this.stop = undefined;
    this.id = id;
    this.told = "";
    this.change({ status: id ? "connecting" : "none", faults: [] });
    if (!id) return;
    this.stop = this.openSource(id, {
      onOpen: () => this.change({ status: "live" }),
      onMessage: (text) => this.feed.take(text),
      onError: (closed) => this.change({ status: closed ? "gone" : "lost" }),
      onSilent: () => this.change({ status: "silent" }),
    });
  }

  /** Tells a simulated still how the person's stands, where that has changed. */
  handle(handling: StillHandling): void {
    const text = JSON.stringify(handling);
    if (!this.id || text === this.told) return;
    this.told = text;
    this.tell(handling);
  }

  /** Lets a simulated still go wrong, or right again. */
  toggle(fault: Fault): void {
    const { faults } = this.health;
    const next = faults.includes(fault)
      ? faults.filter((each) => each !== fault)
      : [...faults, fault];
    this.change({ faults: next });
    this.tell({ faults: next });
  }

  listen = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private open(): void {
    this.restored = this.restore();
    this.timer = setInterval(() => void this.flush(), flushMs);
  }

  private async restore(): Promise<void> {
    try {
      this.feed.restore(await this.samples.load(this.runId));
    } catch {
      /* What is stored stays there; what comes now is stored beside it. */
    }
  }

  private async close(): Promise<void> {
    clearInterval(this.timer);
    this.listenTo(undefined);
    await this.flush();
    if (this.holders === 0 && !this.health.unstored) this.onIdle();
  }

  private async flush(): Promise<void> {
    /* Samples that came first would make chunks of their own across those that are stored. */
    await this.restored;
    const chunks = this.feed.pending();
    if (chunks.length === 0) return;
    try {
      await this.samples.keep(chunks);
      this.feed.kept(chunks);
      if (this.health.unstored) this.change({ unstored: undefined });
    } catch (error) {
      this.change({ unstored: error instanceof Error ? error.message : String(error) });
    }
  }

  private tell(change: object): void {
    const { id } = this;
    if (!id) return;
    postJson(`/instruments/${id}`, change)
      .then((answer) => {
        const { faults } = simulationStateSchema.parse(answer);
        if (id === this.id) this.change({ faults });
      })
      .catch(() => id === this.id && this.change({ status: "gone" }));
  }

  private change(part: Partial<InstrumentHealth>): void {
    this.health = { ...this.health, ...part };
    for (const listener of this.listeners) listener();
  }
}

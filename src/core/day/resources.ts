interface Use {
  from: number;
  until: number;
  amount: number;
}

/* Minutes and watts are added up: what differs by less is alike. */
const hair = 1e-9;

/** Something of which only so much is there at any moment, such as hands or watts. */
export class Shared {
  private readonly uses: Use[] = [];

  constructor(private readonly most: number) {}

  /** The first moment from which so much is free for so long; Infinity where it never is. */
  earliest(from: number, lasts: number, amount: number): number {
    if (amount <= 0 || lasts <= 0) return from;
    if (amount > this.most + hair) return Infinity;
    let at = from;
    for (;;) {
      const blocked = this.blockedUntil(at, at + lasts, amount);
      if (blocked === undefined) return at;
      at = blocked;
    }
  }

  take(from: number, lasts: number, amount: number): void {
    if (amount > 0 && lasts > 0) this.uses.push({ from, until: from + lasts, amount });
  }

  /* Where too much is taken within a stretch: when the first of what takes it there is over. */
  private blockedUntil(from: number, until: number, amount: number): number | undefined {
    const over = this.uses.filter((use) => use.from < until - hair && use.until > from + hair);
    for (const moment of [from, ...over.map((use) => use.from)]) {
      if (moment < from || moment >= until) continue;
      const there = over.filter((use) => use.from <= moment + hair && use.until > moment + hair);
      const taken = there.reduce((sum, use) => sum + use.amount, 0);
      if (taken + amount > this.most + hair) return Math.min(...there.map((use) => use.until));
    }
    return undefined;
  }
}

/** A stock that is made anew at a steady pace and taken from at moments. */
export class Stock {
  private readonly taken: { at: number; amount: number }[] = [];

  constructor(
    private readonly atFirst: number,
    private readonly perMinute: number,
  ) {}

  /** The first moment at which so much can be taken and what was promised for later is still there. */
  earliest(from: number, amount: number): number {
    if (amount <= 0) return from;
    const moments = [from, ...this.taken.map(({ at }) => at).filter((at) => at > from)].sort(
      (a, b) => a - b,
    );
    for (const moment of moments) {
      if (this.lasts(moment, amount)) return moment;
    }
    const missing = this.usedBy(Infinity) + amount - this.atFirst;
    if (!(this.perMinute > 0)) return Infinity;
    return Math.max(moments.at(-1)!, missing / this.perMinute);
  }

  take(at: number, amount: number): void {
    if (amount > 0) this.taken.push({ at, amount });
  }

  private lasts(at: number, amount: number): boolean {
    return [at, ...this.taken.map((each) => each.at).filter((each) => each >= at)].every(
      (moment) => this.atFirst + this.perMinute * moment - this.usedBy(moment) - amount >= -1e-6,
    );
  }

  private usedBy(moment: number): number {
    return this.taken.reduce((sum, { at, amount }) => (at <= moment ? sum + amount : sum), 0);
  }
}

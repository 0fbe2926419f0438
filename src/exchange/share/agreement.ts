import { mergeRecords } from "@/records/merge";
import { mergeCopies } from "@/records/mergeCopies";
import { openRecord } from "@/records/migrate";
import { recordKey, type AnyRecord } from "@/records/record";
import { groupOf, groupSums, sumOf } from "./digest";
import { groupCount, type PeerMessage } from "./peerMessages";

/** What an agreement needs of its device. */
export interface Side {
  /** The name that the other device shows for this one. */
  name(): string;
  /** Every record that is shared, as it is now. */
  records(): Iterable<AnyRecord>;
  /** One of them by its key. */
  record(key: string): AnyRecord | undefined;
  /** Keeps records that came from the other device, merged with its own already. */
  take(records: AnyRecord[]): void;
  /** Sends a message to the other device. One that does not arrive is made up for at the next `hello`. */
  send(message: PeerMessage): void;
  /** Both have the same, as far as is known. */
  agreed(): void;
  /** The other device's name, as it says it. */
  named(name: string): void;
  /** The other device has what only a newer edition can read. */
  newer(): void;
}

/* So many letters of records go in one message. */
const lettersAtOnce = 200_000;
/* So many records are named in one message; a group alone may have more. */
const recordsAtOnce = 4_000;

/**
 * Brings two devices' records together, whatever is lost on the way: a change is sent as it happens, and with each
 * `hello` the two compare what they have, group by group, and exchange what differs. Copies are merged as files are;
 * where both are known to have had the same before, as tabs are, so that what one side took away stays away.
 */
export class Agreement {
  /* What both are known to have had alike. */
  private readonly base = new Map<string, AnyRecord>();
  /* What was sent and not yet confirmed. */
  private readonly sent = new Map<string, AnyRecord>();

  constructor(private readonly side: Side) {}

  /** Says hello: at the beginning, and whenever the line was interrupted. */
  greet(again = true): void {
    this.side.send({
      kind: "hello",
      name: this.side.name(),
      groups: groupSums(this.side.records()),
      again,
    });
  }

  /** These have changed here. */
  changed(records: readonly AnyRecord[]): void {
    this.sendRecords(
      records.filter((record) => {
        const key = recordKey(record);
        const sent = this.sent.get(key);
        /* What was sent since may have reached them: going back to what was before is a change too. */
        return sent ? sent !== record : !this.isBase(key, record);
      }),
    );
  }

  /** What the other device sent. */
  heard(message: PeerMessage): void {
    switch (message.kind) {
      case "hello":
        return this.hello(message);
      case "have":
        return this.have(message);
      case "want":
        return this.sendRecords(message.keys.flatMap((key) => this.side.record(key) ?? []));
      case "records":
        return this.take(message.records);
      case "got":
        return this.got(message.records);
    }
  }

  private hello({ name, groups, again }: PeerMessage & { kind: "hello" }): void {
    this.side.named(name);
    const own = groupSums(this.side.records());
    const differ = new Set(
      Array.from({ length: groupCount }, (_, i) => i).filter((i) => own[i] !== groups[i]),
    );
    for (const record of this.side.records()) {
      const key = recordKey(record);
      if (!differ.has(groupOf(record))) this.alike(key, record);
    }
    if (again) this.greet(false);
    if (differ.size === 0) return this.side.agreed();
    this.tellWhatIsHad([...differ]);
  }

  /* Group by group, so that no message grows with the logbook. */
  private tellWhatIsHad(groups: readonly number[]): void {
    const had = new Map(groups.map((group): [number, [string, string][]] => [group, []]));
    for (const record of this.side.records()) {
      const key = recordKey(record);
      had.get(groupOf(record))?.push([key, sumOf(record)]);
    }
    let some: number[] = [];
    let records: [string, string][] = [];
    for (const [group, own] of had) {
      if (records.length + own.length > recordsAtOnce && some.length > 0) {
        this.side.send({ kind: "have", groups: some, records });
        [some, records] = [[], []];
      }
      some.push(group);
      records.push(...own);
    }
    this.side.send({ kind: "have", groups: some, records });
  }

  private have({ groups, records }: PeerMessage & { kind: "have" }): void {
    const theirs = new Map(records);
    const shown = new Set(groups);
    for (const record of this.side.records()) {
      const key = recordKey(record);
      if (!shown.has(groupOf(record)) || theirs.get(key) !== sumOf(record)) continue;
      this.alike(key, record);
      theirs.delete(key);
    }
    if (theirs.size > 0) this.side.send({ kind: "want", keys: [...theirs.keys()] });
  }

  private take(raw: readonly unknown[]): void {
    const taken: AnyRecord[] = [];
    const got: [string, string][] = [];
    const back: AnyRecord[] = [];
    for (const each of raw) {
      const opened = openRecord(each);
      if (!opened.ok) {
        if (opened.newer) this.side.newer();
        continue;
      }
      const their = opened.record;
      const key = recordKey(their);
      const own = this.side.record(key);
      const record = own ? this.merged(key, own, their) : their;
      if (!own || sumOf(own) !== sumOf(record)) taken.push(record);
      if (sumOf(record) === sumOf(their)) {
        this.alike(key, record);
        got.push([key, sumOf(their)]);
      } else {
        /* Both had changed it: from here on copies are merged, which comes to the same on both sides. */
        this.base.delete(key);
        back.push(record);
      }
    }
    if (got.length > 0) this.side.send({ kind: "got", records: got });
    this.sendRecords(back);
    if (taken.length > 0) this.side.take(taken);
    if (back.length === 0 && this.sent.size === 0) this.side.agreed();
  }

  private merged(key: string, own: AnyRecord, their: AnyRecord): AnyRecord {
    if (sumOf(own) === sumOf(their)) return own;
    const base = this.base.get(key);
    return base ? mergeRecords(base, own, their) : mergeCopies(own, their);
  }

  private got(records: readonly (readonly [string, string])[]): void {
    for (const [key, sum] of records) {
      const sent = this.sent.get(key);
      if (!sent || sumOf(sent) !== sum) continue;
      this.alike(key, sent);
    }
    if (this.sent.size === 0) this.side.agreed();
  }

  private alike(key: string, record: AnyRecord): void {
    this.base.set(key, record);
    this.sent.delete(key);
  }

  private isBase(key: string, record: AnyRecord): boolean {
    const base = this.base.get(key);
    return base === record || (base !== undefined && sumOf(base) === sumOf(record));
  }

  private sendRecords(records: readonly AnyRecord[]): void {
    let some: AnyRecord[] = [];
    let letters = 0;
    const send = () => {
      if (some.length > 0) this.side.send({ kind: "records", records: some });
      some = [];
      letters = 0;
    };
    for (const record of records) {
      const { length } = JSON.stringify(record);
      if (letters + length > lettersAtOnce) send();
      some.push(record);
      letters += length;
      this.sent.set(recordKey(record), record);
    }
    send();
  }
}

import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { nanoid } from "nanoid";
import { z } from "zod";
import { deviceId, lineId } from "@/messages/relayMessages";
import type { Exclusive } from "./exclusive";

/** The longest name of a device. */
export const longestDeviceName = 40;

const deviceSchema = z.object({
  id: deviceId,
  /** As the person calls it; empty until it is asked for. */
  name: z.string().max(longestDeviceName),
});
/** This browser, as the other devices know it. */
export type Device = z.infer<typeof deviceSchema>;

const pairSchema = z.object({
  line: lineId,
  /** Base64 of 32 bytes; leaves this device only while it pairs, sealed. */
  key: z.string().length(44),
  /** The other device. */
  other: z.object({ id: deviceId, name: z.string().max(60) }),
  since: z.iso.datetime({ offset: true }),
  /** When both last had the same. */
  agreedAt: z.iso.datetime({ offset: true }).optional(),
});
/** A device that shares this logbook. */
export type Pair = z.infer<typeof pairSchema>;

/** Who this device is and with whom it shares. Never in a logbook's file: the keys stay here. */
export interface ShareStorage {
  /** This device, with an id made at the first time. */
  device(): Promise<Device>;
  rename(name: string): Promise<Device>;
  pairs(): Promise<Pair[]>;
  keep(pair: Pair): Promise<void>;
  drop(line: string): Promise<void>;
}

const deviceKey = "share/device";
const pairPrefix = "share/pair/";

/** Opens the storage of pairings over a key-value store. */
export function openShareStorage(backend: AsyncStorage, exclusive: Exclusive): ShareStorage {
  async function device(): Promise<Device> {
    const read = parsed(deviceSchema, await backend.getItem(deviceKey));
    if (read) return read;
    const made: Device = { id: nanoid(), name: "" };
    await backend.setItem(deviceKey, JSON.stringify(made));
    return made;
  }
  return {
    device: () => exclusive(device),
    rename: (name) =>
      exclusive(async () => {
        const named: Device = {
          ...(await device()),
          name: name.trim().slice(0, longestDeviceName),
        };
        await backend.setItem(deviceKey, JSON.stringify(named));
        return named;
      }),
    async pairs() {
      const keys = (await backend.getAllKeys()).filter((key) => key.startsWith(pairPrefix));
      const texts = keys.length > 0 ? Object.values(await backend.getMany(keys)) : [];
      return texts
        .flatMap((text) => parsed(pairSchema, text) ?? [])
        .sort((a, b) => a.since.localeCompare(b.since));
    },
    keep: (pair) =>
      exclusive(() =>
        backend.setItem(`${pairPrefix}${pair.line}`, JSON.stringify(pairSchema.parse(pair))),
      ),
    drop: (line) => exclusive(() => backend.removeMany([`${pairPrefix}${line}`])),
  };
}

function parsed<T>(schema: z.ZodType<T>, text: string | null): T | undefined {
  try {
    const read = schema.safeParse(JSON.parse(text ?? "null"));
    return read.success ? read.data : undefined;
  } catch {
    return undefined;
  }
}

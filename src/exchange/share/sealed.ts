import { xchacha20poly1305 } from "@noble/ciphers/chacha.js";
import { hkdf } from "@noble/hashes/hkdf.js";
import { scryptAsync } from "@noble/hashes/scrypt.js";
import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, randomBytes, utf8ToBytes } from "@noble/hashes/utils.js";

/** The key of a line: 32 bytes, by chance or from a pairing code. */
export type LineKey = Uint8Array;

const nonceBytes = 24;

/** A new key by chance. */
export function newKey(): LineKey {
  return randomBytes(32);
}

/**
 * The key that a pairing code stands for. It is slow on purpose (some tenths of a second): whoever would try
 * codes one after the other needs that long for each.
 */
export function keyOfCode(letters: string): Promise<LineKey> {
  return scryptAsync(letters, "sereno pairing", { N: 2 ** 14, r: 8, p: 1, dkLen: 32 });
}

/** The line's name at the relay: follows from the key, and the key does not follow from it. */
export function lineOfKey(key: LineKey): string {
  return bytesToHex(hkdf(sha256, key, undefined, utf8ToBytes("line"), 16));
}

/** A value sealed for whoever has the key, as base64; `from` is sealed with it, so that nobody puts another's name on it. */
export function seal(key: LineKey, from: string, value: unknown): string {
  const nonce = randomBytes(nonceBytes);
  const box = xchacha20poly1305(sealingKey(key), nonce, utf8ToBytes(from));
  const sealed = box.encrypt(utf8ToBytes(JSON.stringify(value)));
  const all = new Uint8Array(nonce.length + sealed.length);
  all.set(nonce);
  all.set(sealed, nonce.length);
  return toBase64(all);
}

/** What was sealed, or undefined where it was not sealed with this key by this sender. */
export function unseal(key: LineKey, from: string, text: string): unknown {
  try {
    const all = fromBase64(text);
    const box = xchacha20poly1305(sealingKey(key), all.subarray(0, nonceBytes), utf8ToBytes(from));
    return JSON.parse(new TextDecoder().decode(box.decrypt(all.subarray(nonceBytes))));
  } catch {
    return undefined;
  }
}

/** A key as text, and back. */
export function keyText(key: LineKey): string {
  return toBase64(key);
}
/** The key in a text; undefined where it is none. */
export function keyOfText(text: string): LineKey | undefined {
  try {
    const key = fromBase64(text);
    return key.length === 32 ? key : undefined;
  } catch {
    return undefined;
  }
}

function sealingKey(key: LineKey): Uint8Array {
  return hkdf(sha256, key, undefined, utf8ToBytes("seal"), 32);
}

/* In pieces: a call takes only so many arguments. */
const piece = 0x8000;

function toBase64(bytes: Uint8Array): string {
  let text = "";
  for (let at = 0; at < bytes.length; at += piece)
    text += String.fromCharCode(...bytes.subarray(at, at + piece));
  return btoa(text);
}

function fromBase64(text: string): Uint8Array {
  return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}

import { randomLcg, randomNormal } from "d3-random";
import type { LayerOnPicture } from "@/core/separation/layerOnPicture";

/** A vessel that was pictured: what the picture shows, and what truly lies in it. */
export interface Pictured {
  asked: LayerOnPicture;
  trueMl: number;
}

type Point = readonly [x: number, y: number, z: number];
const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Point, b: Point) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const unit = (a: Point): Point => {
  const length = Math.hypot(...a);
  return [a[0] / length, a[1] / length, a[2] / length];
};

const pixels = 1600;

/**
 * Pictures of tubes and cones by chance, with a layer in each, as a pinhole camera throws them on 1,600 rows of pixels; each
 * read so many times by somebody whose hand trembles. Shares no code with what measures them.
 * @param rim the rim's far edge is read too
 */
export function picturesOf(seed: number, readings: number, rim: boolean): Pictured[] {
  const random = randomLcg(seed);
  const normal = randomNormal.source(random)(0, 1);
  const between = (low: number, high: number) => low + (high - low) * random();
  const cone = random() < 0.35;
  const heightMm = between(110, 240);
  const diameterMm = cone ? between(50, 90) : between(14, 45);
  const lower = heightMm * between(0.35, 0.6);
  const upper = lower + between(4, 30);
  const radius = (z: number) => (cone ? (diameterMm / 2) * (z / heightMm) : diameterMm / 2);
  const trueMl = cone
    ? (Math.PI * (diameterMm / 2 / heightMm) ** 2 * (upper ** 3 - lower ** 3)) / 3000
    : (Math.PI * (diameterMm / 2) ** 2 * (upper - lower)) / 1000;

  /* The camera looks from so far at the vessel's middle, from a little above it. */
  const away = between(250, 550) + diameterMm / 2;
  const above = Math.min(30, Math.abs(8 * normal())) * (Math.PI / 180);
  const looksAt: Point = [0, heightMm / 2, 0];
  const camera: Point = [0, heightMm / 2 + away * Math.sin(above), away * Math.cos(above)];
  const ahead = unit(minus(looksAt, camera));
  const upward = unit([0, ahead[2] ** 2 + ahead[0] ** 2, -ahead[1] * ahead[2]]);
  const focus = (0.75 * away) / heightMm;
  const row = (point: Point) => {
    const seen = minus(point, camera);
    return 0.5 - (focus * dot(seen, upward)) / dot(seen, ahead);
  };
  const front = (z: number): Point => [0, z, radius(z)];
  const rimFar = row([0, heightMm, -radius(heightMm)]);

  return Array.from({ length: readings }, () => {
    /* What is told of the vessel is a little off, and edges creep up the glass. */
    const told = Math.max(1, diameterMm * (1 + 0.015 * normal()));
    const readRow = (at: number) => Math.round((at + 0.0025 * normal()) * pixels) / pixels;
    const read = (z: number) => readRow(row(front(z)));
    const creep = () => 0.35 * normal();
    return {
      trueMl,
      asked: {
        vessel: { shape: cone ? "cone" : "tube", diameterMm: told, heightMm },
        lines: {
          bottom: read(0),
          mark: read(heightMm),
          lower: read(lower + creep()),
          upper: read(upper + creep()),
          ...(rim ? { rimFar: readRow(rimFar) } : {}),
        },
        markMm: heightMm + 0.4 * normal(),
      },
    };
  });
}

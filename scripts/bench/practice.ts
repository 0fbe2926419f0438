import { faultOf } from "../../src/core/practice/faults";
import { playAtRandom, type PlayedPractice } from "../../src/testing/randomPractice";
import { print } from "./print";

const exercises = 500;

/**
 * Random exercises with random acts: whether Sereno's alarms ring before harm is done, and how often one of danger rings
 * for nothing.
 */
export function practice(): void {
  const played: PlayedPractice[] = [];
  for (let seed = 1; played.length < exercises; seed += 1) {
    const one = playAtRandom(seed);
    if (one) played.push(one);
  }
  /* A helper at the lid is heard, and by no instrument. */
  const harmed = played.filter(({ harmAt, harm }) => harmAt !== undefined && harm !== "scald");
  const before = harmed.filter(({ rangAt, harmAt }) => rangAt !== undefined && rangAt <= harmAt!);
  const hours = played.reduce((sum, each) => sum + each.hours, 0);
  const wrong = played.reduce((sum, { falseDangers }) => sum + falseDangers.length, 0);
  print(`practice: ${exercises} random exercises, hours at the still`, hours, "h");
  print("practice: came to harm, no helper at the lid", harmed.length, "exercises");
  print("practice: of these an alarm rang before", (100 * before.length) / harmed.length, "% (95)");
  print("practice: alarms of danger for nothing", (100 * wrong) / hours, "in 100 h (2)");
  for (const { fault, still, harm } of harmed.filter((each) => !before.includes(each)))
    print(`practice: no alarm before: ${fault ?? "no fault"}, ${still}`, 1, harm ?? "");
  const told = played.filter(
    ({ fault, beganAt, rangAt }) =>
      fault &&
      faultOf(fault).alarms.length > 0 &&
      beganAt !== undefined &&
      (rangAt ?? -1) >= beganAt,
  );
  const minutes = told
    .map(({ rangAt, beganAt }) => (rangAt! - beganAt!) / 60)
    .sort((a, b) => a - b);
  print(
    "practice: from a fault to its alarm, in the middle",
    minutes[Math.floor(minutes.length / 2)]!,
    "min",
  );
}

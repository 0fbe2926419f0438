import { noonOf, showDay } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { Link, type Href } from "expo-router";
import { Pressable, View } from "react-native";
import { t } from "@/language/t";
import { traceCode, type Traced } from "@/logbook/shelf/trace";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectTraceable } from "@/store/stock";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { wayOf } from "@/words/bottleWords";
import { amountOf } from "./amountOf";

/* Deeper than this the small screen has no room; the text says it all the same. */
const deepest = 4;

/** Where a lot came from and where it went, as a tree to both sides. */
export function LineCard({ lot }: { lot: Lot }) {
  const shelf = useAppSelector(selectTraceable);
  const traced = traceCode(lot.code, shelf);
  if (!traced || traced.id !== lot.id) return null;
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Where it came from`}</Txt>
      {traced.ancestors.length === 0 ? (
        <Txt variant="small">
          {lot.origin === "bought"
            ? t`Bought, or got from elsewhere.`
            : t`Its run is not in this logbook any more.`}
        </Txt>
      ) : (
        <Branch of={lot.id} steps={traced.ancestors} depth={0} product={lot.product} />
      )}
      <Txt variant="heading">{t`Where it went`}</Txt>
      {traced.descendants.length === 0 ? (
        <Txt variant="small">{t`Nowhere yet: it is in no bottle, and nothing was taken.`}</Txt>
      ) : (
        <Branch of={lot.id} steps={traced.descendants} depth={0} product={lot.product} />
      )}
    </Card>
  );
}

interface BranchProps {
  of: string;
  steps: readonly Traced[];
  depth: number;
  product: Lot["product"];
}

/** The steps that hang on one, each with those that hang on it in turn. */
function Branch({ of, steps, depth, product }: BranchProps) {
  const own = steps.filter(({ via }) => via === of);
  if (own.length === 0) return null;
  return (
    <View role="list" className={depth === 0 ? "" : "ml-2 border-l-2 border-line pl-3"}>
      {own.map((step) => (
        <View key={`${step.kind}/${step.id}`} role="listitem">
          <Step step={step} product={product} />
          {depth < deepest ? (
            <Branch of={step.id} steps={steps} depth={depth + 1} product={product} />
          ) : null}
        </View>
      ))}
    </View>
  );
}

const colours: Record<Traced["kind"], string> = {
  harvest: "bg-leaf",
  run: "bg-ember",
  lot: "bg-oil",
  bottle: "bg-oil",
  use: "bg-soft",
};

function Step({ step, product }: { step: Traced; product: Lot["product"] }) {
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const plant = step.plantId ? (book.byId(step.plantId)?.name ?? step.plantId) : "";
  const ml = step.volumeMl === undefined ? "" : amountOf(product, step.volumeMl, units);
  const on = step.on ? showDay(step.on.length > 10 ? new Date(step.on) : noonOf(step.on)) : "";
  const told: Record<Traced["kind"], { title: string; detail: string; href?: Href }> = {
    harvest: {
      title: t`Harvest of ${on}`,
      detail: t`${plant}, ${words(showMass(step.massG ?? 0, units))} of it`,
    },
    run: {
      title: t`Run ${step.number ?? ""}`,
      detail: `${plant}, ${on}: ${ml}`,
      href: `/runs/${step.id}`,
    },
    lot: { title: `${plant}, ${step.code ?? ""}`, detail: ml, href: `/shelf/${step.id}` },
    bottle: {
      title: t`Bottle ${step.code ?? ""}`,
      detail: t`${ml}, ${amountOf(product, step.leftMl ?? 0, units)} left`,
    },
    use: {
      title: [wayOf(step), step.purpose].filter(Boolean).join(": "),
      detail: [ml, on, step.to].filter(Boolean).join(" · "),
    },
  };
  const { title, detail, href } = told[step.kind];
  const tone =
    step.kind === "lot" || step.kind === "bottle" ? substance[product] : colours[step.kind];
  const body = (
    <>
      <View className={`mt-[7px] h-[10px] w-[10px] rounded-full ${tone}`} />
      <View className="min-w-0 flex-1">
        <Txt variant="strong" className={href ? "underline" : ""}>
          {title}
        </Txt>
        <Txt variant="small">{detail}</Txt>
      </View>
    </>
  );
  return href ? (
    <Link href={href} asChild>
      <Pressable className="min-h-[48px] flex-row gap-3 py-1">{body}</Pressable>
    </Link>
  ) : (
    <View className="flex-row gap-3 py-1">{body}</View>
  );
}

const substance: Record<Lot["product"], string> = {
  oil: "bg-oil",
  hydrosol: "bg-dew",
  liquor: "bg-leaf",
};

import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { drawRound, oddOf } from "@/core/learn/triangle";
import { plural, t } from "@/language/t";
import { sniffSoFar } from "@/logbook/learn/sniffSoFar";
import { limits } from "@/messages/limits";
import type { Sniff, SniffRound } from "@/records/sniff";
import { answerRound } from "@/store/acts/answerRound";
import { bin, changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";
import { sniffVerdict } from "@/words/sniffWords";

/* Fewer rounds can hardly say anything. */
const goodRounds = 6;

/** A blind sniff: a round is laid out by lot, sniffed, answered; what it says is shown at the end. */
export function SniffScreen({ id }: { id: string }) {
  const sniff = useAppSelector((state) => state.sniff.entities[id]);
  if (!sniff || sniff.deletedAt)
    return <NotHere what={t`This sniff`} back={{ href: "/runs/learn", label: t`Learn` }} />;
  return <OneSniff key={sniff.id} sniff={sniff} />;
}

function OneSniff({ sniff }: { sniff: Sniff }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const so = sniffSoFar(sniff);
  const { open } = so;
  const closed = sniff.closedAt !== undefined;
  const full = sniff.rounds.length >= limits.mostSniffs.max;
  const layOut = () =>
    dispatch(
      changeRecord(sniff, (now) =>
        now.rounds.some(({ said }) => said === undefined)
          ? now
          : {
              ...now,
              rounds: [
                ...now.rounds,
                { at: new Date().toISOString(), strips: drawRound(Math.random) },
              ],
            },
      ),
    );
  return (
    <Screen
      over={sniff.withHelper ? t`Blind sniff, with a helper` : t`Blind sniff, alone`}
      title={t`“${sniff.a}” or “${sniff.b}”?`}
      back={{ href: "/runs/learn", label: t`Learn` }}
      footer={
        closed || open || full ? undefined : (
          <Button
            leaves
            label={so.answered === 0 ? t`Lay out three strips` : t`Lay out the next three`}
            onPress={layOut}
          />
        )
      }
      aside={
        <>
          <Card className="gap-2">
            <Txt variant="heading">{closed ? t`What it says` : t`So far`}</Txt>
            <Txt variant={closed ? "strong" : "body"} role="status">
              {closed
                ? sniffVerdict(so, sniff)
                : t`${plural(so.answered, { one: "# round", other: "# rounds" })} answered. What they say is shown at the end, so that no round teaches the next.`}
            </Txt>
            {!closed && so.answered > 0 && so.answered < goodRounds ? (
              <Txt variant="small">{t`At ${goodRounds} rounds, five right are more than guessing.`}</Txt>
            ) : null}
          </Card>
          {closed ? <Rounds sniff={sniff} /> : null}
          <View className="flex-row flex-wrap gap-2">
            {so.answered > 0 && !open ? (
              <Button
                look="quiet"
                size="small"
                leaves
                label={closed ? t`Go on with it` : t`Close it and see`}
                onPress={() =>
                  dispatch(
                    changeRecord(
                      sniff,
                      (now) => ({
                        ...now,
                        closedAt: closed ? undefined : new Date().toISOString(),
                      }),
                      closed ? t`The sniff is open again.` : t`The sniff is closed.`,
                    ),
                  )
                }
              />
            ) : null}
            <Button
              look="quiet"
              size="small"
              label={t`Delete sniff`}
              onPress={() => {
                dispatch(bin(t`Sniff deleted.`, [sniff]));
                router.replace("/runs/learn");
              }}
            />
          </View>
        </>
      }
    >
      {open && !open.laidOut ? (
        <LayOut
          sniff={sniff}
          round={open}
          number={so.answered + 1}
          onDone={() => dispatch(answerRound(sniff.id, open, { laidOut: true }))}
        />
      ) : null}
      {open?.laidOut ? (
        <Answer
          key={open.at}
          round={open}
          alone={!sniff.withHelper}
          onAnswer={(said, liked) => dispatch(answerRound(sniff.id, open, { said, liked }))}
        />
      ) : null}
      {!open && !closed ? (
        <Card>
          <Txt>
            {full
              ? t`That is as many rounds as one sniff holds: close it and see.`
              : t`Sniff in a room without other smells, and breathe fresh air between two rounds: a tired nose guesses. Never sniff hot steam, and stop where it pricks or dizzies.`}
          </Txt>
        </Card>
      ) : null}
    </Screen>
  );
}

/** What goes on which strip: for the helper's eyes, or for one's own before the shuffle. */
function LayOut({
  sniff,
  round,
  number,
  onDone,
}: {
  sniff: Sniff;
  round: SniffRound;
  number: number;
  onDone: () => void;
}) {
  return (
    <Card className="gap-3">
      <Txt variant="heading">
        {sniff.withHelper
          ? t`Round ${number}: for the helper alone`
          : t`Round ${number}: make three strips`}
      </Txt>
      <Txt>
        {sniff.withHelper
          ? t`Write each code on a strip, dip as told, and lay the three in this order. The other one looks away.`
          : t`Write each code on the back of a strip and dip as told. Turn the codes down, close your eyes, and shuffle.`}
      </Txt>
      <Facts facts={round.strips.map(({ code, of }) => [code, of === "a" ? sniff.a : sniff.b])} />
      <Button
        leaves
        label={sniff.withHelper ? t`They lie: hide this` : t`Shuffled: hide this`}
        onPress={onDone}
      />
    </Card>
  );
}

/** Which is unlike the others, and which is liked. */
function Answer({
  round,
  alone,
  onAnswer,
}: {
  round: SniffRound;
  alone: boolean;
  onAnswer: (said: string, liked: SniffRound["liked"]) => void;
}) {
  const [said, setSaid] = useState<string>();
  const [liked, setLiked] = useState<NonNullable<SniffRound["liked"]>>("neither");
  /* Alone nobody knows in which order they lie: by number tells nothing. */
  const codes = round.strips.map(({ code }) => code);
  const shown = alone ? [...codes].sort() : codes;
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Which is unlike the other two?`}</Txt>
      <Txt>
        {alone
          ? t`Sniff all three before you turn one. Then turn up the one that is unlike the others.`
          : t`Sniff from left to right and back. A guess is an answer too.`}
      </Txt>
      <Choice
        label={t`The odd one`}
        options={shown.map((value) => ({ value, label: value }))}
        value={said}
        onChange={setSaid}
      />
      <Choice
        label={t`Which smells better?`}
        shown
        options={[
          { value: "odd", label: t`The odd one` },
          { value: "alike", label: t`The two alike` },
          { value: "neither", label: t`Neither` },
        ]}
        value={liked}
        onChange={setLiked}
      />
      <Button
        leaves
        label={t`That is my answer`}
        disabled={said === undefined}
        onPress={() => said !== undefined && onAnswer(said, liked)}
      />
    </Card>
  );
}

function Rounds({ sniff }: { sniff: Sniff }) {
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`Round by round`}</Txt>
      <Facts
        facts={sniff.rounds
          .filter(({ said }) => said !== undefined)
          .map(({ strips, said }, i) => {
            const odd = oddOf(strips)!;
            const what = odd.of === "a" ? sniff.a : sniff.b;
            return [
              t`Round ${i + 1}`,
              odd.code === said
                ? t`right: ${odd.code}, “${what}”`
                : t`said ${said ?? ""}; it was ${odd.code}, “${what}”`,
            ] as const;
          })}
      />
    </Card>
  );
}

import { useEffect, useState } from "react";
import { Image, View } from "react-native";
import { counted, showDayLong } from "@/core";
import { smallPicture } from "@/exchange/smallPicture";
import { newId } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { pictureHref, type Picture } from "@/records/picture";
import { dropPicture, keepPictures, loadPictures } from "@/store/pictures";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";

/** Pictures of a harvest: from the camera or a file, made small, kept on this device. */
export function Pictures({ harvest, name }: { harvest: Harvest; name: string }) {
  const dispatch = useAppDispatch();
  const [pictures, setPictures] = useState<Picture[]>([]);
  const [dropped, setDropped] = useState<Picture[]>([]);
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let here = true;
    dispatch(loadPictures(harvest.id)).then(
      (found) => here && setPictures((before) => joined(found, before)),
      () => here && setProblem("The pictures could not be read."),
    );
    return () => {
      here = false;
    };
  }, [dispatch, harvest.id]);

  async function add(file: File) {
    setProblem(undefined);
    setBusy(true);
    const made = await smallPicture(file);
    if (made.ok) {
      const at = new Date().toISOString();
      await keep([{ ...made.picture, id: newId(), at, harvestId: harvest.id }]);
    } else setProblem(`${file.name}: ${made.problem}`);
    setBusy(false);
  }
  async function keep(added: readonly Picture[]) {
    try {
      await dispatch(keepPictures(added));
      setPictures((before) => joined(before, added));
      setDropped((before) => before.filter(({ id }) => !added.some((each) => each.id === id)));
    } catch {
      setProblem(
        "The picture was not stored: this device has no room, or refuses. The harvest itself is kept.",
      );
    }
  }
  async function drop(picture: Picture) {
    try {
      await dispatch(dropPicture(picture));
      setPictures((before) => before.filter(({ id }) => id !== picture.id));
      setDropped((before) => [...before, picture]);
    } catch {
      setProblem("The picture could not be taken away. Try again.");
    }
  }
  return (
    <Card className="gap-3">
      <Txt variant="heading">Pictures</Txt>
      {problem ? <Notice severity="error" message={problem} /> : null}
      {pictures.map((picture, i) => (
        <View key={picture.id} className="gap-1">
          <Image
            source={{ uri: pictureHref(picture) }}
            aria-label={`${name}, ${showDayLong(new Date(picture.at))}, picture ${i + 1} of ${pictures.length}`}
            style={{
              width: "100%",
              aspectRatio: picture.widthPx / picture.heightPx,
              borderRadius: 12,
            }}
          />
          <View className="flex-row items-center justify-between gap-3">
            <Txt variant="small">{showDayLong(new Date(picture.at))}</Txt>
            <Button
              look="plain"
              size="small"
              leaves
              label="Take away"
              hint={`Take picture ${i + 1} away`}
              onPress={() => void drop(picture)}
            />
          </View>
        </View>
      ))}
      {dropped.length > 0 ? (
        <View className="flex-row items-center justify-between gap-3">
          <Txt role="status">{`${counted(dropped.length, "picture")} taken away.`}</Txt>
          <Button
            look="plain"
            size="small"
            leaves
            label={dropped.length === 1 ? "Bring it back" : "Bring them back"}
            onPress={() => void keep(dropped)}
          />
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <FileChoice
          label="Take a picture of the harvest"
          button={busy ? "Making it small…" : "Take a picture"}
          accept="image/*"
          size="small"
          camera
          disabled={busy}
          onChoose={(file) => void add(file)}
        />
        <FileChoice
          label="A picture of the harvest"
          button="From a file"
          accept="image/*"
          size="small"
          disabled={busy}
          onChoose={(file) => void add(file)}
        />
      </View>
      <Txt variant="small">
        {pictures.length === 0
          ? "Made small, without the place where it was taken, and kept on this device alone."
          : `${counted(pictures.length, "picture")}, in the logbook’s file if you wish (Bench, Data).`}
      </Txt>
    </Card>
  );
}

/* What was added while the others were still read stays among them. */
function joined(some: readonly Picture[], more: readonly Picture[]): Picture[] {
  const all = new Map([...some, ...more].map((picture) => [picture.id, picture]));
  return [...all.values()].sort((a, b) => a.at.localeCompare(b.at));
}

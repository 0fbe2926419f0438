import { useState } from "react";
import { View } from "react-native";
import type { Setting } from "@/records/setting";
import { keep } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { readNumber, toInput, type NumberRange } from "@/ui/primitives/numberInput";
import { Txt } from "@/ui/primitives/Txt";

type Degree = keyof NonNullable<Setting["place"]>;

const ranges: Record<Degree, NumberRange> = {
  latitude: { name: "Latitude", min: -90, max: 90 },
  longitude: { name: "Longitude", min: -180, max: 180 },
};

/** Where the still stands, for dusk: both degrees or none. */
export function PlaceFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<Partial<Record<Degree, string>>>({});
  const [problem, setProblem] = useState<string>();
  const input = (degree: Degree) =>
    typed[degree] === undefined
      ? toInput(preferences.place?.[degree], "one")
      : { text: typed[degree], unit: "one" as const };
  const take = (next: Partial<Record<Degree, string>>) => {
    setTyped(next);
    const read = (degree: Degree) =>
      readNumber(
        next[degree] === undefined ? input(degree) : { text: next[degree], unit: "one" },
        ranges[degree],
      );
    const [latitude, longitude] = [read("latitude"), read("longitude")];
    const empty = next.latitude?.trim() === "" && next.longitude?.trim() === "";
    if (latitude.ok && longitude.ok)
      dispatch(
        keep({
          ...preferences,
          place: { latitude: latitude.value, longitude: longitude.value },
        }),
      );
    else if (empty) dispatch(keep({ ...preferences, place: undefined }));
  };
  const field = (degree: Degree) => {
    const shown = input(degree);
    const read = readNumber(shown, ranges[degree]);
    return (
      <NumberField
        label={ranges[degree].name}
        value={shown}
        choices={[]}
        suffix="°"
        placeholder="not told"
        problem={shown.text.trim() && !read.ok ? read.problem : undefined}
        onChange={({ text }) => take({ ...typed, [degree]: text })}
      />
    );
  };
  const ask = () => {
    setProblem(undefined);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) =>
        take({ latitude: coords.latitude.toFixed(1), longitude: coords.longitude.toFixed(1) }),
      () => setProblem("The device does not tell where it is. Type it: a degree is near enough."),
      { maximumAge: 86_400_000, timeout: 20_000 },
    );
  };
  return (
    <View className="gap-2">
      <View className="flex-row gap-3">
        {field("latitude")}
        {field("longitude")}
      </View>
      <Txt variant="small">
        {preferences.place
          ? "Dusk is sunset here. The place stays in this logbook."
          : "With a place, dusk is its sunset; without one, eight in the evening."}
      </Txt>
      {problem ? (
        <Txt variant="small" role="alert" className="text-ember-ink">
          {problem}
        </Txt>
      ) : null}
      {"geolocation" in navigator ? (
        <View className="flex-row">
          <Button look="quiet" size="small" label="Ask this device" onPress={ask} />
        </View>
      ) : null}
    </View>
  );
}

import { type NumberRange, readNumber, toInput } from "@/core/units/numberInput";
import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";

type Degree = keyof NonNullable<Setting["place"]>;

const ranges: Record<Degree, NumberRange> = {
  latitude: { name: t`Latitude`, ...limits.latitude },
  longitude: { name: t`Longitude`, ...limits.longitude },
};

/** Where the still stands, for dusk: both degrees or none. */
export function PlaceFields({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const { place } = preferences;
  const [texts, setTexts] = useState<Record<Degree, string>>({
    latitude: toInput(place?.latitude, "one").text,
    longitude: toInput(place?.longitude, "one").text,
  });
  const [problem, setProblem] = useState<string>();
  const read = (degree: Degree, text: string) => readNumber({ text, unit: "one" }, ranges[degree]);
  const take = (next: Record<Degree, string>) => {
    setTexts(next);
    const latitude = read("latitude", next.latitude);
    const longitude = read("longitude", next.longitude);
    const told = latitude.ok && longitude.ok;
    dispatch(
      changePreferences({
        place: told ? { latitude: latitude.value, longitude: longitude.value } : undefined,
      }),
    );
  };
  const field = (degree: Degree) => {
    const text = texts[degree];
    const typed = read(degree, text);
    return (
      <NumberField
        label={ranges[degree].name}
        value={{ text, unit: "one" }}
        choices={[]}
        suffix="°"
        placeholder={t`not told`}
        problem={text.trim() && !typed.ok ? typed.problem : undefined}
        onChange={(next) => take({ ...texts, [degree]: next.text })}
      />
    );
  };
  const ask = () => {
    setProblem(undefined);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) =>
        take({ latitude: coords.latitude.toFixed(1), longitude: coords.longitude.toFixed(1) }),
      () =>
        setProblem(t`The device does not say where it is. Type it: the nearest degree is enough.`),
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
        {place
          ? t`Dusk is sunset here. The place stays in this logbook.`
          : t`With a place, dusk is its sunset; without one, eight in the evening.`}
      </Txt>
      {problem ? (
        <Txt variant="small" role="alert" className="text-ember-ink">
          {problem}
        </Txt>
      ) : null}
      {"geolocation" in navigator ? (
        <View className="flex-row">
          <Button look="quiet" size="small" label={t`Ask this device`} onPress={ask} />
        </View>
      ) : null}
    </View>
  );
}

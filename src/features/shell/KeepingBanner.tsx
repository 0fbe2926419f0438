import { useEffect } from "react";
import { View } from "react-native";
import { saveLogbookFile } from "@/exchange/saveLogbookFile";
import { plural, t } from "@/language/t";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { holdLeaving } from "@/storage/holdLeaving";
import { changeTaken } from "@/store/keepingSlice";
import { readable } from "@/store/openLogbook";
import { retryWriting } from "@/store/persistence";
import { selectAllRecords } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Txt } from "@/ui/primitives/Txt";
import { useNewVersion } from "./serviceWorker";

/** Says at once when the browser will not store, and offers the way out: a file. */
export function KeepingBanner() {
  const status = useAppSelector(({ keeping }) => keeping.status);
  useEffect(() => {
    if (status === "refused" || status === "writing") return holdLeaving();
  }, [status]);
  return (
    <>
      {status === "refused" || status === "unreadable" ? <NotKept status={status} /> : null}
      <Old />
      <NotTaken />
    </>
  );
}

/** A newer Sereno has written here. Where it waits on this device too, the banner beside this one offers it. */
function Old() {
  const old = useAppSelector(({ keeping }) => keeping.old);
  const waiting = useNewVersion();
  if (!old) return null;
  return (
    <View role="alert" className="flex-row items-center gap-x-4 bg-ember-wash px-4 py-1">
      <Txt className="min-w-0 flex-1 text-ember-ink">{t`A newer Sereno has written in this logbook. What it wrote stays as it is, and cannot be changed here until this page is the newer one too.`}</Txt>
      {waiting ? null : (
        <Button
          label={t`Reload`}
          look="quiet"
          size="small"
          onPress={() => window.location.reload()}
        />
      )}
    </View>
  );
}

/** A change that could not be read again was not made at all: what it was, and that nothing is lost. */
function NotTaken() {
  const dispatch = useAppDispatch();
  const problem = useAppSelector(({ keeping }) => keeping.notTaken);
  if (problem === undefined) return null;
  return (
    <View role="alert" className="flex-row items-center gap-x-4 bg-ember-wash px-4 py-1">
      <Txt className="min-w-0 flex-1 text-ember-ink">
        {t`Not taken, and nothing was changed: ${problem}. Mend that and try again.`}
      </Txt>
      <Button label={t`I see`} look="quiet" size="small" onPress={() => dispatch(changeTaken())} />
    </View>
  );
}

function NotKept({ status }: { status: "refused" | "unreadable" }) {
  const dispatch = useAppDispatch();
  const { problem, waiting } = useAppSelector(({ keeping }) => keeping);
  const records = useAppSelector(selectAllRecords);
  return (
    <View
      role="alert"
      className="flex-row flex-wrap items-center gap-x-4 gap-y-1 bg-ember-wash px-4 py-2"
    >
      <Txt className="min-w-[240px] flex-1 text-ember-ink">
        {status === "refused"
          ? t`Not stored: ${waiting} ${plural(waiting, { one: "change waits", other: "changes wait" })}. The browser says “${problem ?? ""}”. Nothing is lost while this tab is open: save a file now.`
          : t`The logbook could not be read: “${problem ?? ""}”. What you enter now may not be kept. Reload, or free some space first.`}
      </Txt>
      <Button
        label={t`Save a file`}
        look="danger"
        size="small"
        onPress={() =>
          void dispatch(readable()).then(({ records: stored, quarantined }) =>
            saveLogbookFile({ records: [...stored, ...records], setAside: quarantined }),
          )
        }
      />
      {status === "refused" ? (
        <Button
          label={t`Try again`}
          look="quiet"
          size="small"
          onPress={() => dispatch(retryWriting)}
        />
      ) : (
        <Button
          label={t`Reload`}
          look="quiet"
          size="small"
          onPress={() => window.location.reload()}
        />
      )}
    </View>
  );
}

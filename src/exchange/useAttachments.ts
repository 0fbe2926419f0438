import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { t } from "@/language/t";
import { newId } from "@/records/base";
import { attachmentHref, isPicture, type Attachment } from "@/records/attachment";
import { dropAttachment, keepAttachments, loadAttachments } from "@/store/attachments";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { longestSeconds, recordSound, type SoundUnderWay } from "./recordSound";
import { smallPicture } from "./smallPicture";

/** What hangs on a record, and how to add to it. */
export interface Attachments {
  items: readonly ShownAttachment[];
  /** How many were removed and can be brought back. */
  dropped: number;
  problem: string | undefined;
  /** A picture is being made small. */
  busy: boolean;
  /** Since when a spoken note is being recorded, ms of the page's clock. */
  recordingSince: number | undefined;
  longestSeconds: number;
  addPicture: (file: File) => void;
  /** Begins a spoken note, or ends the one under way. */
  startSpeaking: () => void;
  stopSpeaking: () => void;
  drop: (id: string) => void;
  bringBack: () => void;
}

/** One attachment as a screen shows it. */
export interface ShownAttachment {
  id: string;
  at: number;
  entryId?: string;
  href: string;
  /** Width over height; absent for a spoken note. */
  aspect?: number;
  seconds?: number;
}

const notStored = t`It was not stored: this device has no room, or refuses. What you wrote is kept.`;

/**
 * Pictures and spoken notes of one record, or of one entry of a run's log. `beforeAdd` may make what they hang on
 * first and name its entry; where that comes to nothing, nothing is attached.
 */
export function useAttachments(
  ofId: string,
  entryId?: string,
  beforeAdd?: (what: "picture" | "recording") => string | undefined,
): Attachments {
  const dispatch = useAppDispatch();
  const [all, setAll] = useState<Attachment[]>([]);
  const [dropped, setDropped] = useState<Attachment[]>([]);
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [recordingSince, setRecordingSince] = useState<number>();
  const speaking = useRef<Promise<SoundUnderWay | undefined>>(undefined);
  const before = useRef(beforeAdd);
  useEffect(() => {
    before.current = beforeAdd;
  });
  const changes = useAppSelector(({ keeping }) => keeping.attachments);
  useEffect(() => {
    let here = true;
    dispatch(loadAttachments(ofId)).then(
      /* The store's word, also where another device has brought or removed one. */
      (found) => here && setAll(found),
      () => here && setProblem(t`Pictures and spoken notes could not be read.`),
    );
    return () => {
      here = false;
    };
  }, [dispatch, ofId, changes]);
  useEffect(() => () => void speaking.current?.then((under) => under?.stop()), []);

  const keep = useCallback(
    async (added: readonly Attachment[]) => {
      try {
        await dispatch(keepAttachments(added));
        setAll((had) => joined(had, added));
        setDropped((had) => had.filter(({ id }) => !added.some((each) => each.id === id)));
      } catch {
        setProblem(notStored);
      }
    },
    [dispatch],
  );
  const common = useCallback(
    (what: "picture" | "recording") => {
      const entry = before.current ? before.current(what) : entryId;
      if (before.current && entry === undefined) return undefined;
      return {
        id: newId(),
        ofId,
        at: new Date().toISOString(),
        ...(entry === undefined ? {} : { entryId: entry }),
      };
    },
    [ofId, entryId],
  );
  const addPicture = useCallback(
    (file: File) => {
      setProblem(undefined);
      setBusy(true);
      void smallPicture(file)
        .then(async (made) => {
          if (!made.ok) return setProblem(`${file.name}: ${made.problem}`);
          const base = common("picture");
          if (base) await keep([{ ...base, ...made.picture }]);
        })
        .finally(() => setBusy(false));
    },
    [common, keep],
  );
  const startSpeaking = useCallback(() => {
    if (speaking.current) return;
    setProblem(undefined);
    const under = recordSound((made) => {
      speaking.current = undefined;
      setRecordingSince(undefined);
      if (!made.ok) return setProblem(made.problem);
      const base = common("recording");
      if (base) void keep([{ ...base, ...made.sound }]);
    });
    speaking.current = under.then(
      (started) => {
        setRecordingSince(performance.now());
        return started;
      },
      (error: Error) => {
        speaking.current = undefined;
        setProblem(error.message);
        return undefined;
      },
    );
  }, [common, keep]);
  const stopSpeaking = useCallback(() => {
    void speaking.current?.then((under) => under?.stop());
  }, []);
  const drop = useCallback(
    (id: string) => {
      const gone = all.find((each) => each.id === id);
      if (!gone) return;
      dispatch(dropAttachment(gone)).then(
        () => {
          setAll((had) => had.filter((each) => each.id !== id));
          setDropped((had) => [...had, gone]);
        },
        () => setProblem(t`It could not be removed. Try again.`),
      );
    },
    [all, dispatch],
  );
  const bringBack = useCallback(() => void keep(dropped), [keep, dropped]);
  const items = useMemo(
    () => all.filter((each) => entryId === undefined || each.entryId === entryId).map(shown),
    [all, entryId],
  );
  return {
    items,
    dropped: dropped.length,
    problem,
    busy,
    recordingSince,
    longestSeconds,
    addPicture,
    startSpeaking,
    stopSpeaking,
    drop,
    bringBack,
  };
}

function shown(attachment: Attachment): ShownAttachment {
  const { id, at, entryId } = attachment;
  return {
    id,
    at: Date.parse(at),
    href: attachmentHref(attachment),
    ...(entryId === undefined ? {} : { entryId }),
    ...(isPicture(attachment)
      ? { aspect: attachment.widthPx / attachment.heightPx }
      : { seconds: attachment.seconds }),
  };
}

/* What was added while the others were still read stays among them. */
function joined(some: readonly Attachment[], more: readonly Attachment[]): Attachment[] {
  const all = new Map([...some, ...more].map((each) => [each.id, each]));
  return [...all.values()].sort((a, b) => a.at.localeCompare(b.at));
}

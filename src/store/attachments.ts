import type { Attachment } from "@/records/attachment";
import { attachmentsChanged } from "./keepingSlice";
import type { Thunk } from "./store";

/** Keeps pictures and spoken notes. Rejects when the store refuses. */
export function keepAttachments(added: readonly Attachment[]): Thunk<Promise<void>> {
  return async (dispatch, _getState, { attachments }) => {
    await attachments.keep(added);
    dispatch(attachmentsChanged());
  };
}

/** Removes one. */
export function dropAttachment(attachment: Attachment): Thunk<Promise<void>> {
  return async (dispatch, _getState, { attachments }) => {
    await attachments.drop(attachment);
    dispatch(attachmentsChanged());
  };
}

/** Those of one record, or all. */
export function loadAttachments(ofId?: string): Thunk<Promise<Attachment[]>> {
  return (_dispatch, _getState, { attachments }) => attachments.load(ofId);
}

/** How many there are, and how large they are in a file. */
export function sizeOfAttachments(): Thunk<Promise<{ count: number; bytes: number }>> {
  return (_dispatch, _getState, { attachments }) => attachments.size();
}

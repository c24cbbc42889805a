/** Pages made in one go. */
export const MAX_PAGES = 200

/** What a thread is given, and what it answers. */
export interface PapersJob {
  body: string
  fonts: { regular: Uint8Array; bold: Uint8Array }
}
export type PapersAnswer =
  { ok: true; pdf: Uint8Array } | { ok: false; status: number; message: string; tryAgainS?: number }

/** A photograph as it is kept beside its quilt: scaled, without what the camera wrote into it. */
export interface KeptPhoto {
  id: string
  quilt: string
  jpeg: Blob
}

/** The state of a quilt that a backup holds: its digest, and the revision it had here. */
export interface BackedUp {
  digest: string
  revision: number
}

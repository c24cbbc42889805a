/** The file that was chosen in a field for files; the field is empty again, so that the same can be chosen anew. */
export function chosenFile({ target }: Event): File | undefined {
  if (!(target instanceof HTMLInputElement)) return undefined
  const file = target.files?.[0]
  target.value = ''
  return file
}

/** Whether a part of the page that opens and closes was opened. */
export function isOpened({ target }: Event): boolean {
  return target instanceof HTMLDetailsElement && target.open
}

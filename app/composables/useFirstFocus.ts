/** For a dialog's content: what is typed next goes into this field, not to the cross that closes. */
export function useFirstFocus(field: Readonly<Ref<HTMLElement | null>>) {
  return {
    onOpenAutoFocus(event: Event) {
      event.preventDefault()
      field.value?.focus()
    },
  }
}

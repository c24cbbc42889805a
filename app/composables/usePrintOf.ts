/**
 * What of a page goes to paper, where it can print more than one thing: `print(what)` shows that, prints, and goes back
 * to `usual`, so that the browser's own command prints what it always does.
 */
export function usePrintOf<T extends string>(usual: T) {
  const printed = ref(usual) as Ref<T>
  async function print(what: T) {
    printed.value = what
    await nextTick()
    window.print()
  }
  useEventListener('afterprint', () => (printed.value = usual))
  return { printed, print }
}

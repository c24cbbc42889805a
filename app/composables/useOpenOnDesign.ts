import type { TopPart } from '~~/core/top/regions/region'

interface Card {
  /** Into the card. */
  focus: () => void
}

/**
 * What lies open on Design, one thing at a time. The focus goes into a card that is opened to be worked in, and back to
 * where it was when the card closes; a part that is only pressed, or walked over by keys, leaves it in the drawing.
 *
 * @param card the card on show; null: none is.
 * @param home what gets the focus when nothing else can.
 */
export function useOpenOnDesign(card: () => Card | null, home: () => HTMLElement | null) {
  const open = shallowRef<OpenOnDesign | null>(null)
  const selected = computed<TopPart | null>(() => (open.value && 'kind' in open.value ? open.value : null))
  const list = computed(() => (open.value && 'list' in open.value ? open.value.list : null))
  let cameFrom: Element | null = null

  async function workIn(what: OpenOnDesign) {
    // a list from which it was taken is about to go
    const from = document.activeElement
    if (!open.value) cameFrom = from?.closest('[role="menu"], [role="dialog"]') ? null : from
    open.value = what
    await nextTick()
    card()?.focus()
  }
  watch(open, async now => {
    if (now) return
    const back = cameFrom
    cameFrom = null
    await nextTick()
    // only the focus of what has just gone
    if (document.activeElement !== document.body) return
    if (back instanceof HTMLElement && back.isConnected && back !== document.body) back.focus()
    else home()?.focus()
  })
  return { open, selected, list, workIn, close: () => (open.value = null) }
}

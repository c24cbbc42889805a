import type { Speech } from '~~/words/speech'

/** What this person prefers on this computer, whichever quilt is open. */
export const useSettings = defineStore('settings', () => {
  const units = useLocalStorage<'in' | 'cm'>('wren-units', 'in')
  const english = useLocalStorage<'us' | 'uk'>('wren-english', navigator.language === 'en-GB' ? 'uk' : 'us')
  /** The hand that holds the cutter: maps and pictures are mirrored for the left. */
  const hand = useLocalStorage<'right' | 'left'>('wren-hand', 'right')
  const speech = computed((): Speech => ({ units: units.value, english: english.value }))
  return { units, english, hand, speech }
})

import { useStorage } from '@vueuse/core'
import type { Units } from '~~/core/measure/units'
import type { Speech } from '~~/words/speech'

/**
 * What this person prefers on this computer, whichever quilt is open. `useStorage` and not `useLocalStorage`: only the
 * first goes on when a browser refuses to remember anything.
 */
export const useSettings = defineStore('settings', () => {
  /** `own`: lengths as the open quilt has them. */
  const lengths = useStorage<'own' | Units>('wren-lengths', 'own')
  const english = useStorage<'us' | 'uk'>('wren-english', navigator.language === 'en-GB' ? 'uk' : 'us')
  /** The hand that holds the cutter: maps and pictures are mirrored for the left. */
  const hand = useStorage<'right' | 'left'>('wren-hand', 'right')
  /** Units of the quilt that is open, if one is. */
  const quiltUnits = ref<Units | null>(null)
  const usual: Units =
    navigator.language === 'en-US' || navigator.language === 'en-GB' || navigator.language === 'en' ? 'in' : 'cm'
  const units = computed(() => unitsFor(quiltUnits.value))
  const speech = computed((): Speech => ({ units: units.value, english: english.value }))

  function unitsFor(own: Units | null | undefined): Units {
    return lengths.value === 'own' ? (own ?? usual) : lengths.value
  }

  return { lengths, english, hand, quiltUnits, units, speech, unitsFor }
})

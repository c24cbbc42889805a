import type { Speech } from '~~/words/speech'

/** How to speak to this person; read it in templates and computeds, it changes when they say so. */
export function useSpeech(): ComputedRef<Speech> {
  const settings = useSettings()
  return computed(() => settings.speech)
}

import { readForm, writeForm } from '~/keeping/keptForms'

/**
 * A form that is kept while it is being filled in. `owner`: the quilt it is for, or the shelf; `name` tells it from
 * others there; `fresh` gives it empty. `clear` forgets it when it was taken over.
 */
export function useKeptForm<T>(owner: string, name: string, fresh: () => T): { form: Ref<T>; clear: () => void } {
  const key = `${owner}:${name}`
  const form = ref(read<T>(key) ?? fresh()) as Ref<T>
  watch(form, value => writeForm(key, JSON.stringify(value)), { deep: true })
  function clear() {
    form.value = fresh()
    // after the watcher has written the empty form
    void nextTick(() => writeForm(key, null))
  }
  return { form, clear }
}

function read<T>(key: string): T | null {
  try {
    return JSON.parse(readForm(key) ?? 'null') as T | null
  } catch {
    return null
  }
}

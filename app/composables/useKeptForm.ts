/**
 * What was typed and not yet taken over, by form: outlives a change of station here, a reload in the session's
 * storage.
 */
const inMemory = new Map<string, string>()

/**
 * A form that is kept while it is being filled in. `key` names the form and what it is for; `fresh` gives it empty.
 * `clear` forgets it when it was taken over.
 */
export function useKeptForm<T>(key: string, fresh: () => T): { form: Ref<T>; clear: () => void } {
  const form = ref(read<T>(key) ?? fresh()) as Ref<T>
  watch(form, value => write(key, JSON.stringify(value)), { deep: true })
  function clear() {
    form.value = fresh()
    // after the watcher has written the empty form
    void nextTick(() => write(key, null))
  }
  return { form, clear }
}

function read<T>(key: string): T | null {
  try {
    const text = sessionStorage.getItem(`wren-form:${key}`) ?? inMemory.get(key)
    return text === undefined ? null : (JSON.parse(text) as T)
  } catch {
    const held = inMemory.get(key)
    return held === undefined ? null : (JSON.parse(held) as T)
  }
}

function write(key: string, text: string | null) {
  if (text === null) inMemory.delete(key)
  else inMemory.set(key, text)
  try {
    if (text === null) sessionStorage.removeItem(`wren-form:${key}`)
    else sessionStorage.setItem(`wren-form:${key}`, text)
  } catch {
    // refused or full: it lives as long as the page
  }
}

/**
 * A select or a number that shows a value of the quilt goes back to it when the change was refused: the browser would
 * leave standing what was chosen, as if it had been taken. Vue keeps on the element what it is bound to.
 */
export default defineNuxtPlugin(() => {
  document.addEventListener('change', ({ target }) => {
    const isBound =
      target instanceof HTMLSelectElement || (target instanceof HTMLInputElement && target.type === 'number')
    if (!isBound) return
    void nextTick(() => {
      const { _value: bound } = target as typeof target & { _value?: unknown }
      if (bound !== undefined && bound !== null && target.value !== String(bound)) target.value = String(bound)
    })
  })
})

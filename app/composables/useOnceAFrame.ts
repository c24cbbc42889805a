/** All that asks for it within a frame is done once, with the next. */
export function useOnceAFrame(work: () => void): () => void {
  let asked = 0
  onBeforeUnmount(() => cancelAnimationFrame(asked))
  return () => {
    cancelAnimationFrame(asked)
    asked = requestAnimationFrame(work)
  }
}

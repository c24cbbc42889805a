/** What is asked of most such workers takes no longer, or is no quilt. */
const MAX_MS = 8000

/** One question to a worker of its own, and its answer; null when it takes too long, breaks, or cannot be made. */
export function askOnce<Question, Answer>(
  start: () => Worker,
  question: Question,
  maxMs = MAX_MS,
): Promise<Answer | null> {
  return new Promise(resolve => {
    let worker: Worker
    try {
      worker = start()
    } catch {
      return resolve(null)
    }
    const end = (answer: Answer | null) => {
      clearTimeout(timer)
      worker.terminate()
      resolve(answer)
    }
    const timer = setTimeout(() => end(null), maxMs)
    worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => end(data))
    worker.addEventListener('error', () => end(null))
    worker.postMessage(question)
  })
}

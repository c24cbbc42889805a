/** A worker that tells again and again what it finds; `fail` when it breaks; null: none can be started. */
export function heardWorker<Message>(
  start: () => Worker,
  hear: (message: Message) => void,
  fail: () => void,
): Worker | null {
  try {
    const worker = start()
    worker.addEventListener('message', ({ data }: MessageEvent<Message>) => hear(data))
    worker.addEventListener('error', fail)
    return worker
  } catch {
    return null
  }
}

import { tick as tickEdit } from '~~/core/edits/record'
import type { DoneKind } from '~~/core/cut/progress'
import { QuiltDocument } from '~/document/quiltDocument'
import { DocumentKeeping, type Opening } from '~/keeping/documentKeeping'
import { PlanAnswers } from '~/workers/planAnswers'

/**
 * The quilt being worked on: its document, what the planner answers about it, and its keeping. Each is a thing of its
 * own; here they hear of each other. Screens get their fields; their methods are for each other.
 */
export const useQuilt = defineStore('quilt', () => {
  const document: QuiltDocument = new QuiltDocument(
    () => keeping.canWrite.value,
    () => {
      answers.planSoon()
      void keeping.saveSoon()
    },
  )
  const answers = new PlanAnswers(document)
  const keeping: DocumentKeeping = new DocumentKeeping(document, () => answers.planSoon())

  /** Opens a kept quilt, or says why it cannot be opened. */
  async function open(id: string): Promise<Opening> {
    await close()
    const opening = await keeping.load(id)
    if (opening !== 'open') return opening
    answers.startPlanning()
    keeping.startKeeping()
    return opening
  }

  async function close() {
    await keeping.saveNow()
    answers.endPlanning()
    keeping.endKeeping()
    document.clear()
  }

  function tick(what: DoneKind, id: string, count: number, name: string) {
    return document.apply(name, tickEdit(what, id, count, new Date().toISOString()))
  }

  return { ...document, ...answers, ...keeping, open, close, tick }
})

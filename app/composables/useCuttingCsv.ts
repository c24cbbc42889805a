import { cuttingRows } from '~~/words/cuttingList'
import { downloadText } from '~/composables/downloadQuilt'

/** Saves all piles of the quilt as a table for a spreadsheet. */
export function useCuttingCsv() {
  const store = useQuilt()
  const speech = useSpeech()
  return async () => {
    const { unparse } = (await import('papaparse')).default
    const { heads, rows } = cuttingRows(store.plannedQuilt!, store.plan!.pieces, store.blockNames, speech.value)
    // a name that begins like a formula stays a name; the mark at the front tells spreadsheets that it is Unicode
    const text = unparse({ fields: heads, data: rows }, { escapeFormulae: true })
    downloadText(`${store.quilt!.name} cutting.csv`, `\uFEFF${text}\r\n`, 'text/csv')
  }
}

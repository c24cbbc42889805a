import { readQuilt } from '~~/core/file/readQuilt'
import { readText } from '~~/core/file/readText'
import { papersFor } from './papersFor'
import { MAX_PAGES, type PapersAnswer, type PapersJob } from './papersJob'
import { papersRequest } from './papersRequest'
import { pdfOfSheets } from './pdfSheets'

/** Reads one request and makes its pages: in a thread of the server, or in a worker where there is no network. */
export function makePapers(job: PapersJob): Promise<PapersAnswer> {
  return make(job).catch((): PapersAnswer => ({ ok: false, status: 500, message: 'The pages could not be made' }))
}

async function make({ body, fonts }: PapersJob): Promise<PapersAnswer> {
  const text = readText(body)
  const asked = text.ok ? papersRequest.safeParse(text.value) : null
  const quilt = asked?.success ? readQuilt(asked.data.file) : null
  if (!asked?.success || !quilt?.ok) return { ok: false, status: 422, message: 'Not a valid quilt' }
  const { units, english, ...papers } = asked.data
  const sheets = papersFor(quilt.value, papers, { units, english })
  if (!sheets) return { ok: false, status: 404, message: 'There is nothing of that to print' }
  if (sheets.length > MAX_PAGES) {
    return {
      ok: false,
      status: 422,
      message: `That would be ${sheets.length} pages; at most ${MAX_PAGES} are made at once. Ask for fewer copies.`,
    }
  }
  return { ok: true, pdf: await pdfOfSheets(sheets, `${quilt.value.name}: ${papers.what}`, fonts) }
}

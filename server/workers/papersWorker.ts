import { readQuilt } from '~~/core/file/readQuilt'
import { readText } from '~~/core/file/readText'
import { MAX_PAGES, type PapersAnswer, type PapersJob } from '../utils/papersJob'
import { papersFor } from '../utils/papersFor'
import { papersRequest } from '../utils/papersRequest'
import { pdfOfSheets } from '../utils/pdfSheets'

/** Reads one request and makes its pages, in a thread, so that the server answers others meanwhile. */
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
  const pdf = await pdfOfSheets(sheets, `${quilt.value.name}: ${papers.what}`, {
    regular: Buffer.from(fonts.regular),
    bold: Buffer.from(fonts.bold),
  })
  return { ok: true, pdf }
}

export default function papers(job: PapersJob): Promise<PapersAnswer> {
  return make(job).catch((): PapersAnswer => ({ ok: false, status: 500, message: 'The pages could not be made' }))
}

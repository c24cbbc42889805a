import type { H3Event } from 'h3'
import { z } from 'zod'
import { readQuilt } from '~~/core/quilt/readQuilt'
import { papersFor } from '../utils/papersFor'
import { pdfOfSheets, type PdfFonts } from '../utils/pdfSheets'

const request = z.object({
  file: z.unknown(), block: z.string().max(80), what: z.literal(['templates', 'papers']), page: z.literal(['a4', 'letter']), copies: z.number().int().min(1).max(200).default(1),
  units: z.literal(['in', 'cm']).default('in'), english: z.literal(['us', 'uk']).default('us'),
})
const MOST_BYTES = 8_000_000

async function pdfFonts(): Promise<PdfFonts> {
  const file = async (weight: number) => Buffer.from(await useStorage('assets:fonts').getItemRaw(`commissioner-latin-${weight}-normal.woff`) as Uint8Array)
  return { regular: await file(400), bold: await file(700) }
}

/** Templates or foundation papers of one block of a quilt, as a PDF at true size. */
export default defineEventHandler(async (event: H3Event) => {
  if (Number(getRequestHeader(event, 'content-length') ?? 0) > MOST_BYTES) throw createError({ statusCode: 413, message: 'Too large for a quilt' })
  const asked = request.safeParse(await readBody(event))
  const quilt = asked.success ? readQuilt(asked.data.file) : null
  if (!asked.success || !quilt?.ok) throw createError({ statusCode: 422, message: 'Not a valid quilt' })
  const { block, what, page, copies, units, english } = asked.data
  const sheets = papersFor(quilt.value, block, what, page, copies, { units, english })
  if (!sheets) throw createError({ statusCode: 404, message: 'There is nothing of that to print' })
  setHeader(event, 'content-type', 'application/pdf')
  return pdfOfSheets(sheets, `${quilt.value.name}: ${what}`, await pdfFonts())
})

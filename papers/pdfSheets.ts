import PDFDocument from 'pdfkit'
import type { LineKind, Mark, Sheet } from '~~/core/paper/sheet'

/** Points to the inch. */
const PT = 72

const LINES: Record<LineKind, { width: number; dash: [number, number] | null; colour: string }> = {
  cut: { width: 0.9, dash: null, colour: '#000' },
  seam: { width: 0.6, dash: [4, 3], colour: '#000' },
  sew: { width: 0.8, dash: null, colour: '#000' },
  hair: { width: 0.25, dash: null, colour: '#000' },
  fine: { width: 0.5, dash: null, colour: '#000' },
  match: { width: 0.9, dash: null, colour: '#000' },
  arrow: { width: 0.7, dash: null, colour: '#000' },
}

/** The text font in its two weights, as woff: the writer of PDFs knows no woff2. */
export interface PdfFonts {
  regular: Uint8Array
  bold: Uint8Array
}

/** Sheets as a PDF at true size. `compress` off leaves the drawing readable, for those who measure it. */
export function pdfOfSheets(
  sheets: readonly Sheet[],
  title: string,
  { regular, bold }: PdfFonts,
  compress = true,
): Promise<Uint8Array> {
  return new Promise((resolve, reject) => {
    const pdf = new PDFDocument({
      autoFirstPage: false,
      compress,
      font: null as never,
      info: { Title: title, Creator: 'Wren' },
    })
    const chunks: Uint8Array[] = []
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk))
    pdf.on('end', () => resolve(joined(chunks)))
    pdf.on('error', reject)
    pdf.registerFont('regular', regular as Buffer)
    pdf.registerFont('bold', bold as Buffer)
    for (const sheet of sheets) {
      pdf.addPage({ size: [sheet.width * PT, sheet.height * PT], margin: 0 })
      for (const mark of sheet.marks) draw(pdf, mark)
    }
    pdf.end()
  })
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const chunk of chunks) {
    all.set(chunk, at)
    at += chunk.length
  }
  return all
}

function draw(pdf: PDFKit.PDFDocument, mark: Mark) {
  if (mark.kind === 'text') return write(pdf, mark)
  if (mark.kind === 'fill')
    return void pdf.rect(mark.x * PT, mark.y * PT, mark.width * PT, mark.height * PT).fill(mark.colour)
  if (mark.kind === 'dot') return void pdf.circle(mark.at[0] * PT, mark.at[1] * PT, 2).fill('#000')
  const { width, dash, colour } = LINES[mark.kind]
  const [first, ...rest] = mark.points
  pdf.moveTo(first![0] * PT, first![1] * PT)
  for (const [x, y] of rest) pdf.lineTo(x * PT, y * PT)
  if (mark.closed) pdf.closePath()
  pdf.lineWidth(width)
  if (dash) pdf.dash(dash[0], { space: dash[1] })
  else pdf.undash()
  pdf.stroke(colour)
}

interface TextRun {
  text: string
  size: number
  rise: number
}

/** Fractions as small figures round a slash: the font's own fractions end at ¾. */
function runsOf(text: string, size: number): TextRun[] {
  return text
    .split(/(\d+\/\d+)/)
    .filter(part => part !== '')
    .flatMap((part): TextRun[] => {
      const fraction = /^(\d+)\/(\d+)$/.exec(part)
      if (!fraction) return [{ text: part, size, rise: 0 }]
      return [
        { text: fraction[1]!, size: size * 0.62, rise: size * 0.3 },
        { text: '⁄', size, rise: 0 },
        { text: fraction[2]!, size: size * 0.62, rise: 0 },
      ]
    })
}

function write(pdf: PDFKit.PDFDocument, { at, text, size, align, bold }: Extract<Mark, { kind: 'text' }>) {
  const runs = runsOf(text.replaceAll('\u00a0', ' '), size * PT)
  pdf.font(bold ? 'bold' : 'regular').fillColor('#000')
  const widths = runs.map(run => pdf.fontSize(run.size).widthOfString(run.text))
  let x = at[0] * PT - (align === 'middle' ? widths.reduce((a, b) => a + b, 0) / 2 : 0)
  runs.forEach((run, i) => {
    pdf.fontSize(run.size).text(run.text, x, at[1] * PT - run.rise, { lineBreak: false, baseline: 'alphabetic' })
    x += widths[i]!
  })
}

import { downloadText } from '~/composables/downloadQuilt'

/** Saves rows as a table (CSV) for a spreadsheet. */
export async function downloadTable(name: string, { heads, rows }: { heads: string[]; rows: (string | number)[][] }) {
  const { unparse } = (await import('papaparse')).default
  // a name that begins like a formula stays a name; the mark at the front tells spreadsheets that it is Unicode
  const text = unparse({ fields: heads, data: rows }, { escapeFormulae: true })
  downloadText(name, `\uFEFF${text}\r\n`, 'text/csv')
}

/** What can be printed at true size. */
export const PAPERS_KINDS = ['templates', 'papers', 'marks', 'motifs', 'lines', 'label', 'chart'] as const
export type PapersKind = (typeof PAPERS_KINDS)[number]

import type { Sum } from '../../measure/sum'

/** One way of laying the panels: which way their seams run, and what is bought for them. */
export interface BackingWay {
  seams: 'vertical' | 'horizontal' | 'none'
  panels: Sum
  panelLength: Sum
  /** One panel is cut in two along its length, so that no seam runs down the middle. */
  isSplit: boolean
  buy: Sum
}

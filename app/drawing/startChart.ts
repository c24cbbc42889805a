import { BarChart, LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent } from 'echarts/components'
import { init, use, type ECharts } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'

// only what Wren draws: the whole library is four times as large
use([BarChart, LineChart, GridComponent, MarkLineComponent, SVGRenderer])

/** A chart in this place, drawn as SVG. */
export function startChart(place: HTMLElement): ECharts {
  return init(place, null, { renderer: 'svg' })
}

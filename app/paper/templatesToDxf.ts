import { DxfWriter, Units, point2d, type LWPolylineFlags } from '@tarikjabiri/dxf'
import type { Polygon } from '~~/core/geometry/polygon'
import { layFlat } from '~~/core/paper/outlineFiles'
import type { Template } from '~~/core/paper/templates'

const CLOSED = 1 as LWPolylineFlags

/**
 * Templates as a drawing-exchange file in inches: cut lines on the layer CUT, seam lines on SEAM; y points up there.
 */
export function templatesToDxf(templates: readonly Template[]): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Inches)
  const { cut, seam } = layFlat(templates)
  const put = (layer: string, colour: number, polygons: readonly Polygon[]) => {
    dxf.addLayer(layer, colour, 'Continuous')
    dxf.setCurrentLayerName(layer)
    for (const polygon of polygons)
      dxf.addLWPolyline(
        polygon.map(([x, y]) => ({ point: point2d(x, -y) })),
        { flags: CLOSED },
      )
  }
  put('CUT', 1, cut)
  put('SEAM', 5, seam)
  return dxf.stringify()
}

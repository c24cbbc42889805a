import { DxfWriter, Units, point2d } from '@tarikjabiri/dxf'
import { crossAt, type LinesToSave } from '~~/core/paper/quiltingFiles'
import type { Point } from '~~/core/geometry/polygon'

/** Lines as a drawing-exchange file in inches: the raw edge on the layer EDGE, lines on QUILT; y points up there. */
export function quiltingToDxf({ width, height, lines }: LinesToSave): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Inches)
  const put = (layer: string, colour: number, all: readonly (readonly Point[])[]) => {
    dxf.addLayer(layer, colour, 'Continuous')
    dxf.setCurrentLayerName(layer)
    for (const points of all) dxf.addLWPolyline(points.map(([x, y]) => ({ point: point2d(x, -y) })))
  }
  const edge: Point[] = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
    [0, 0],
  ]
  put('EDGE', 1, [edge])
  put(
    'QUILT',
    5,
    lines.map(({ points }) => (points.length > 1 ? points : crossAt(points[0]!))),
  )
  return dxf.stringify()
}

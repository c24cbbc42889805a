import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { replaced, written, type Edit } from './edit'

type QuiltingInFile = NonNullable<QuiltFile['quilting']>[number]

/** Another way of quilting, over what there is. */
export function addQuilting(kind: QuiltingInFile['kind']): Edit {
  // motifs stand in blocks, lines run over all
  const entry: QuiltingInFile = kind === 'motif' ? { kind, where: 'blocks' } : { kind }
  return file => ({ ...file, quilting: [...(file.quilting ?? []), entry] })
}

export interface QuiltingChange extends Omit<QuiltingInFile, 'spacing' | 'distance' | 'size' | 'kind'> {
  spacing?: Inches
  distance?: Inches
  size?: Inches
}

/** Changes one way in which the quilt is quilted. */
export function setQuilting(index: number, change: QuiltingChange): Edit {
  return file => {
    const old = file.quilting?.[index]
    if (!old) return file
    const lengths = Object.fromEntries(
      (['spacing', 'distance', 'size'] as const).flatMap(name =>
        change[name] === undefined ? [] : [[name, written(file, change[name])]],
      ),
    )
    return { ...file, quilting: replaced(file.quilting!, index, { ...old, ...change, ...lengths }) }
  }
}

/** Takes one way of quilting away. */
export function removeQuilting(index: number): Edit {
  return file => ({ ...file, quilting: replaced(file.quilting ?? [], index, null) })
}

/** How it is quilted: the stitch, metres on a bobbin, which lines hold the layers first. */
export function setStitching(change: {
  stitch?: Inches
  bobbin?: number
  school?: NonNullable<NonNullable<QuiltFile['stitching']>['school']>
  by?: NonNullable<NonNullable<QuiltFile['stitching']>['by']>
}): Edit {
  return file => {
    const { stitch, ...rest } = change
    return {
      ...file,
      stitching: { ...file.stitching, ...rest, ...(stitch === undefined ? {} : { stitch: written(file, stitch) }) },
    }
  }
}

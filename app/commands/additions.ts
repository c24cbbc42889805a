import { setBinding } from '~~/core/edits/binding'
import { borderCloth } from '~~/core/edits/borderCloth'
import { addBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { setSashing } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'
import { rulesOf } from '~~/core/file/settings'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import type { TopPart } from '~~/core/top/regions/region'

/** A part round the blocks that the quilt can get, as quilts mostly have it; its card changes the rest. */
export interface Addition {
  id: 'sashing' | 'border' | 'binding'
  label: string
  icon: string
  /** Worked out when it is asked for: a cloth is looked for that stands out from its neighbours. */
  edit: () => Edit
  /** The part to change then. */
  part: Extract<TopPart, { kind: 'sash' | 'border' | 'binding' }>
}

/** What can be put round the blocks of this quilt: one sashing, one binding, as many borders as there is cloth for. */
export function additions(quilt: Quilt): Addition[] {
  const { borders, binding, setting, units, cloths } = quilt
  // between half blocks there is no sashing
  const canBeSashed = !setting.sashing && !(rulesOf(setting).shifted && setting.ends === 'half-blocks')
  const sashing: Addition = {
    id: 'sashing',
    label: 'Sashing',
    icon: 'i-lucide-grid-3x3',
    edit: () => setSashing({ cloth: cloths.at(-1)!.id }),
    part: { kind: 'sash' },
  }
  const border: Addition = {
    id: 'border',
    label: borders.length > 0 ? 'Another border' : 'Border',
    icon: 'i-lucide-square-dashed',
    edit: () => addBorder(UNIT_DEFAULTS[units].borderWidth, borderCloth(quilt)),
    part: { kind: 'border', border: borders.length + 1 },
  }
  const bound: Addition = {
    id: 'binding',
    label: 'Binding',
    icon: 'i-lucide-square',
    edit: () => setBinding({}),
    part: { kind: 'binding' },
  }
  return [...(canBeSashed ? [sashing] : []), border, ...(binding ? [] : [bound])]
}

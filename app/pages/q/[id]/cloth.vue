<script setup lang="ts">
import { addCloth, changeCloth, removeCloth, type ClothChange } from '~~/core/edits/cloths'
import { doneCounts } from '~~/core/cut/progress'
import type { Edit } from '~~/core/edits/edit'
import { aimName, capital } from '~~/words/names'
import { AIMS } from '~~/core/file/schema'

const store = useQuilt()
const toast = useSay()
const setAim = useAim()
const quilt = computed(() => store.quilt!)
const steps = computed(() => doneCounts(quilt.value.done, 'step'))
const list = useTemplateRef('list')

function edit(name: string, change: Edit) {
  toast.problems(store.apply(name, change))
}
function bought(id: string) {
  const count = steps.value.get(`bought.${id}`) ?? 0
  store.tick('step', `bought.${id}`, count > 0 ? -count : 1, 'cloth at hand')
}
async function add() {
  const { edit: change, id } = addCloth(store.file!, {
    name: `Cloth ${quilt.value.cloths.length + 1}`,
    colour: '#8d9aa5',
  })
  edit('another cloth', change)
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-cloth="${id}"] [aria-expanded]`)?.click()
  list.value?.querySelector(`[data-cloth="${id}"]`)?.scrollIntoView({ block: 'center' })
}
const print = () => window.print()
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-6 p-5">
    <div class="no-print flex flex-wrap items-center gap-3">
      <h1 class="mr-auto">Cloth</h1>
      <label class="flex items-center gap-2"
        ><span class="font-semibold">Units made with</span>
        <select
          class="field !w-auto"
          :value="quilt.aim"
          @change="e => setAim((e.target as HTMLSelectElement).value as typeof quilt.aim)"
        >
          <option v-for="aim in AIMS" :key="aim" :value="aim">{{ capital(aimName(aim)) }}</option>
        </select>
      </label>
      <label class="flex items-center gap-2"
        ><span class="font-semibold">Spares in each pile</span
        ><input
          type="number"
          min="0"
          max="100"
          class="field figure !w-20"
          :value="quilt.spares"
          @change="
            e =>
              edit('spare pieces', file => ({
                ...file,
                spares: Math.min(100, Math.max(0, Math.round(Number((e.target as HTMLInputElement).value)))),
              }))
          "
      /></label>
      <label class="flex items-center gap-2"
        ><span class="font-semibold">Margin, %</span
        ><input
          type="number"
          min="0"
          max="100"
          class="field figure !w-24"
          :value="Math.round(quilt.margin * 100)"
          @change="
            e =>
              edit('margin', file => ({
                ...file,
                margin: Math.min(2, Math.max(0, Number((e.target as HTMLInputElement).value) / 100)),
              }))
          "
      /></label>
      <button type="button" class="button act" @click="add">
        <UIcon name="i-lucide-plus" class="size-5" />Another cloth
      </button>
    </div>
    <ul ref="list" class="no-print space-y-3">
      <ClothRow
        v-for="(cloth, i) in quilt.cloths"
        :key="cloth.id"
        :cloth="cloth"
        :index="i"
        :cloths="quilt.cloths"
        :need="store.plan?.cloths[i]"
        :is-bought="(steps.get(`bought.${cloth.id}`) ?? 0) > 0"
        :is-backing="quilt.backing?.cloth === cloth.id"
        @change="(change: ClothChange) => edit('cloth', changeCloth(cloth.id, change))"
        @remove="instead => edit('cloth removed', removeCloth(cloth.id, instead))"
        @bought="bought(cloth.id)"
      />
    </ul>
    <div v-if="store.plan" class="card">
      <div class="no-print mb-2 flex items-center gap-3">
        <h2 class="mr-auto">Shopping list</h2>
        <button type="button" class="button" @click="print">
          <UIcon name="i-lucide-printer" class="size-5" />Print it
        </button>
      </div>
      <ShoppingList :quilt="store.plannedQuilt!" :plan="store.plan" />
    </div>
  </div>
</template>

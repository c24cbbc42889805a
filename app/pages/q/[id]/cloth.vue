<script setup lang="ts">
import { fabricsOf } from '~~/core/file/trayCloths'
import { addCloth, changeCloth, removeCloth, type ClothChange } from '~~/core/edits/cloths'
import { nextCloth } from '~~/core/edits/nextCloth'
import { doneCounts } from '~~/core/cut/progress'
import { aimName, capital } from '~~/words/names'
import { AIMS } from '~~/core/file/schema'

const store = useQuilt()
const edit = useEdit()
const setAim = useAim()
const quilt = computed(() => store.quilt!)
const fabrics = computed(() => fabricsOf(quilt.value.cloths))
const steps = computed(() => doneCounts(quilt.value.done, 'step'))
const list = useTemplateRef('list')

function bought(id: string) {
  const count = steps.value.get(`bought.${id}`) ?? 0
  store.tick('step', `bought.${id}`, count > 0 ? -count : 1, 'cloth at hand')
}
async function add() {
  const { edit: change, id } = addCloth(store.file!, nextCloth(fabrics.value))
  edit('another cloth', change)
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-cloth="${id}"] [aria-expanded]`)?.click()
  list.value?.querySelector(`[data-cloth="${id}"]`)?.scrollIntoView({ block: 'center' })
}
const print = () => window.print()
const isFromStash = ref(false)
function takeFromStash(cloth: ClothChange & { name: string }) {
  edit(`${cloth.name} from the stash`, addCloth(store.file!, cloth).edit)
}
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-6 p-5">
    <div class="no-print flex flex-wrap items-center gap-3">
      <h1 class="mr-auto">Cloth</h1>
      <UButton :aria-expanded="isFromStash" @click="isFromStash = true"
        ><UIcon name="i-lucide-layers" class="size-5" />From the stash</UButton
      >
      <UButton variant="solid" @click="add"> <UIcon name="i-lucide-plus" class="size-5" />Another cloth </UButton>
      <div class="flex w-full flex-wrap items-center gap-3">
        <ChoiceField
          label="Units made with"
          labelled="beside"
          :value="quilt.aim"
          :options="AIMS.map(aim => ({ value: aim, label: capital(aimName(aim)) }))"
          class="!w-auto"
          @choose="value => setAim(value)"
        />
        <NumberField
          label="Spares in each pile"
          labelled="beside"
          class="!w-20"
          :value="quilt.spares"
          :least="0"
          :most="100"
          @commit="spares => edit('spare pieces', file => ({ ...file, spares }))"
        />
        <NumberField
          label="Margin, %"
          labelled="beside"
          class="!w-24"
          :value="Math.round(quilt.margin * 1000) / 10"
          :decimals="1"
          :least="0"
          :most="100"
          @commit="percent => edit('margin', file => ({ ...file, margin: percent / 100 }))"
        />
      </div>
    </div>
    <ul ref="list" class="no-print space-y-3">
      <ClothRow
        v-for="(cloth, i) in fabrics"
        :key="cloth.id"
        :cloth="cloth"
        :index="i"
        :cloths="fabrics"
        :need="store.plan?.cloths[i]"
        :is-bought="(steps.get(`bought.${cloth.id}`) ?? 0) > 0"
        :is-backing="quilt.backing?.cloth === cloth.id"
        @change="(change: ClothChange) => edit('cloth', changeCloth(cloth.id, change))"
        @remove="instead => edit('cloth removed', removeCloth(cloth.id, instead))"
        @bought="bought(cloth.id)"
      />
    </ul>
    <LazyFromStash v-if="isFromStash" :units="quilt.units" @close="isFromStash = false" @take="takeFromStash" />
    <HowFar v-if="store.plan" />
    <BuyLess v-if="store.plan" />
    <LongStrips v-if="store.plan" />
    <ContrastTable v-if="store.plannedQuilt" :quilt="store.plannedQuilt" />
    <div v-if="store.plan" class="card">
      <div class="no-print mb-2 flex items-center gap-3">
        <h2 class="mr-auto">Shopping list</h2>
        <UButton @click="print"> <UIcon name="i-lucide-printer" class="size-5" />Print it </UButton>
      </div>
      <ShoppingList :quilt="store.plannedQuilt!" :plan="store.plan" />
    </div>
    <LazyClothShop v-if="store.plan" />
  </div>
</template>

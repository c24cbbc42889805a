<script setup lang="ts">
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { findInStash, VALUE_GROUPS, type ValueGroup } from '~~/core/stash/findInStash'
import { freshStashCloth, type StashCloth } from '~~/core/stash/stashCloth'
import { changeInStash, giveBack, putIn, takeOutOfStash, type StashEdit } from '~~/core/stash/stashEdits'
import { nextCloth } from '~~/core/edits/nextCloth'
import { capital } from '~~/words/names'
import { plural } from '~~/words/speech'
import { newId } from '~/keeping/quiltKeeper'

/** Cloth over all quilts: what there is, for what it is set aside. */
const stash = useStash()
const settings = useSettings()
const toast = useToasts()
const text = ref('')
const group = ref<ValueGroup | 'all'>('all')
const shown = computed(() => findInStash(stash.cloths, { text: text.value, group: group.value }))
const groups = [{ value: 'all', label: 'All' }, ...VALUE_GROUPS.map(value => ({ value, label: capital(value) }))] as {
  value: ValueGroup | 'all'
  label: string
}[]
const open = ref<string | null>(null)
useHead({ title: 'Stash' })
onMounted(stash.load)

const apply = (edit: StashEdit) => void stash.apply(edit)
function add() {
  const { name, colour } = nextCloth(stash.cloths)
  const cloth = freshStashCloth(newId(), UNIT_DEFAULTS[settings.units].clothWidth, settings.units, name, colour)
  text.value = ''
  group.value = 'all'
  open.value = cloth.id
  apply(putIn(cloth))
}
function take(cloth: StashCloth) {
  apply(takeOutOfStash(cloth.id))
  toast.done(`${cloth.name} is out of the stash`, () => apply(putIn(cloth)))
}
</script>

<template>
  <main class="mx-auto grid max-w-5xl gap-5 p-6">
    <header class="flex flex-wrap items-center gap-3">
      <UButton to="/" variant="ghost"><UIcon name="i-lucide-arrow-left" class="size-5" />Shelf</UButton>
      <h1 class="mr-auto text-3xl">Stash</h1>
      <StashFiles @put="cloths => apply(putIn(...cloths))" />
      <UButton variant="solid" @click="add"><UIcon name="i-lucide-plus" class="size-5" />Another cloth</UButton>
      <NewerWren />
      <SettingsMenu />
    </header>
    <p v-if="stash.isRefused" class="caution" role="alert">
      This browser will not keep the stash: its storage is full or refused. What you do now lasts only as long as this
      page is open: save it as a table.
    </p>
    <p v-if="stash.spoilt > 0" class="caution" role="alert">
      {{ plural(stash.spoilt, 'cloth') }} of this stash cannot be read: the record is damaged. It is left as it is.
    </p>
    <p v-if="!stash.isLoaded" class="note py-20 text-center" role="status">Fetching the stash …</p>
    <section v-else-if="stash.cloths.length === 0" class="card mx-auto my-10 max-w-xl space-y-3 p-8 text-center">
      <h2>No cloth is written down yet</h2>
      <p>
        Put in what lies in the cupboard, by hand or from a table. A quilt can then be cut from it, and what is left
        over comes back here with its sizes.
      </p>
    </section>
    <template v-else>
      <div class="flex flex-wrap items-end gap-5">
        <TextField label="Find" place="grow" :value="text" @write="words => (text = words)" />
        <RadioField label="How light" :value="group" :options="groups" @choose="value => (group = value)" />
      </div>
      <p class="note" role="status">{{ shown.length }} of {{ plural(stash.cloths.length, 'cloth') }}, dark to light</p>
      <ul class="space-y-3" aria-label="Cloths of the stash">
        <StashRow
          v-for="cloth in shown"
          :key="cloth.id"
          :cloth="cloth"
          :is-open="open === cloth.id"
          @open="open = open === cloth.id ? null : cloth.id"
          @change="change => apply(changeInStash(cloth.id, change))"
          @give-back="quilt => apply(giveBack(cloth.id, quilt))"
          @remove="take(cloth)"
        />
      </ul>
    </template>
    <SavedOnShelf />
  </main>
</template>

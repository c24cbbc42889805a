<script setup lang="ts">
import { addInHand, removeInHand } from '~~/core/edits/layers'
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import { formatSize } from '~~/words/length'

/** What else the back may be pieced from: cloth of no quilt, blocks that were left over. */
const { quilt, disabled } = defineProps<{ quilt: Quilt; disabled: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const speech = useSpeech()
const { form, clear } = useKeptForm(String(useRoute().params.id), 'in-hand', () => ({
  name: '',
  width: null as number | null,
  height: null as number | null,
  count: 1,
  whole: false,
}))
const isReady = computed(() => form.value.width !== null && form.value.height !== null && form.value.count >= 1)
function add() {
  const { name, width, height, count, whole } = form.value
  if (width === null || height === null) return
  emit('edit', 'more in hand', addInHand({ name: name.trim(), width, height, count, whole }))
  clear()
}
</script>

<template>
  <section class="card no-print space-y-3" aria-label="Also in hand" data-testid="in-hand">
    <h2 class="text-lg">Also in hand</h2>
    <p class="note">Blocks that were left over, cloth of earlier quilts: raw edge to raw edge.</p>
    <ul v-if="quilt.backing!.inHand.length > 0" class="space-y-1.5">
      <li v-for="(own, i) in quilt.backing!.inHand" :key="i" class="flex items-center gap-2">
        <span class="grow"
          ><template v-if="own.count > 1">{{ own.count }} × </template>{{ own.name ?? 'in hand' }},
          <span class="figure" data-given>{{ formatSize(own.width, own.height, speech) }}</span><template
            v-if="own.whole"
            >, whole</template
          ></span
        >
        <UButton
          variant="ghost"
          :disabled="disabled"
          :aria-label="`Take away ${own.name ?? 'this'}`"
          @click="emit('edit', 'not in hand', removeInHand(i))"
        >
          <UIcon name="i-lucide-x" class="size-5" />
        </UButton>
      </li>
    </ul>
    <form class="space-y-3" @submit.prevent="add">
      <TextField
        label="What it is"
        :most="80"
        :value="form.name"
        :disabled="disabled"
        @write="name => (form.name = name)"
      />
      <div class="grid grid-cols-2 gap-3">
        <LengthField
          label="Width"
          :value="form.width"
          :least="1"
          :most="400"
          hide-steps
          :step="1 / 4"
          :disabled="disabled"
          @commit="v => (form.width = v)"
        />
        <LengthField
          label="Height"
          :value="form.height"
          :least="1"
          :most="400"
          hide-steps
          :step="1 / 4"
          :disabled="disabled"
          @commit="v => (form.height = v)"
        />
      </div>
      <NumberField
        label="How many"
        :value="form.count"
        :least="1"
        :most="100"
        :disabled="disabled"
        is-live
        @commit="count => (form.count = count)"
      />
      <YesNoField
        label="A sewn block: use it whole, or not at all"
        :value="form.whole"
        :disabled="disabled"
        @choose="whole => (form.whole = whole)"
      />
      <UButton type="submit" :disabled="disabled || !isReady">
        <UIcon name="i-lucide-plus" class="size-5" />Put it with the leftovers
      </UButton>
    </form>
  </section>
</template>

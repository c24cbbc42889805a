<script setup lang="ts">
import { clothOf, type Quilt } from '~~/core/file/quilt'

/** Cloths in the order in which they climb: moved up and down, taken out. */
const { cloths } = defineProps<{ quilt: Quilt; cloths: readonly string[] }>()
const emit = defineEmits<{ order: [cloths: string[]] }>()
function move(at: number, by: -1 | 1) {
  const order = [...cloths]
  const [cloth] = order.splice(at, 1)
  order.splice(at + by, 0, cloth!)
  emit('order', order)
}
</script>

<template>
  <ol>
    <li v-for="(id, i) in cloths" :key="`${i} ${id}`" class="step" data-testid="climb-cloth">
      <strong class="figure w-6 text-right">{{ i + 1 }}</strong>
      <ClothSwatch :cloth="clothOf(quilt, id)" :size="34" />
      <span class="grow">{{ clothOf(quilt, id).name }}</span>
      <UButton
        variant="ghost"
        square
        :disabled="i === 0"
        :aria-label="`${clothOf(quilt, id).name}, step ${i + 1}: earlier`"
        @click="move(i, -1)"
      >
        <UIcon name="i-lucide-arrow-up" class="size-5" />
      </UButton>
      <UButton
        variant="ghost"
        square
        :disabled="i === cloths.length - 1"
        :aria-label="`${clothOf(quilt, id).name}, step ${i + 1}: later`"
        @click="move(i, 1)"
      >
        <UIcon name="i-lucide-arrow-down" class="size-5" />
      </UButton>
      <UButton
        variant="ghost"
        square
        :disabled="cloths.length < 3"
        :aria-label="`Without ${clothOf(quilt, id).name} at step ${i + 1}`"
        @click="
          emit(
            'order',
            cloths.filter((_, other) => other !== i),
          )
        "
      >
        <UIcon name="i-lucide-x" class="size-5" />
      </UButton>
    </li>
  </ol>
</template>

<style scoped>
.step {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 48px;
}
</style>

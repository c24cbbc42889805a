<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setFreeHours, setUntil } from '~~/core/edits/schedule'
import { WEEKDAYS } from '~~/core/file/entries/scheduleEntry'
import type { Quilt } from '~~/core/file/quilt'
import { DAY_NAMES } from '~~/words/time'

/** When there is time for it, and for when it is wanted. */
const { quilt, canWrite } = defineProps<{ quilt: Quilt; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const wanted = computed(() => quilt.plan.until?.slice(0, 10) ?? '')
const week = computed(() => WEEKDAYS.reduce((sum, day) => sum + (quilt.plan.hours[day] ?? 0), 0))
const isPast = computed(() => wanted.value !== '' && wanted.value < new Date().toISOString().slice(0, 10))
</script>

<template>
  <section class="card space-y-4" aria-label="Time for it">
    <h2>Time for it</h2>
    <div class="grid grid-cols-[repeat(auto-fill,minmax(6.2rem,1fr))] gap-3">
      <NumberField
        v-for="day in WEEKDAYS"
        :key="day"
        :label="DAY_NAMES[day]"
        :value="quilt.plan.hours[day] ?? 0"
        :least="0"
        :most="24"
        :decimals="2"
        :step="0.5"
        :disabled="!canWrite"
        @commit="hours => emit('edit', `hours on ${DAY_NAMES[day]}`, setFreeHours(day, hours))"
      />
    </div>
    <p class="note">Free hours a week: {{ Math.round(week * 100) / 100 }}.</p>
    <DateField
      label="Wanted for"
      place="max-w-56"
      :value="wanted"
      :disabled="!canWrite"
      @commit="until => emit('edit', 'wanted for', setUntil(until || null))"
    />
    <p v-if="isPast" class="caution" role="status">That day is past.</p>
  </section>
</template>

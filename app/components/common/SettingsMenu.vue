<script setup lang="ts">
const settings = useSettings()
const colorMode = useColorMode()
const isEvening = computed({
  get: () => colorMode.value === 'dark',
  set: evening => {
    colorMode.preference = evening ? 'dark' : 'light'
  },
})
const choices = computed(() => [
  {
    label: 'Lengths',
    value: settings.lengths,
    options: [
      ['own', 'as the quilt'],
      ['in', 'inches'],
      ['cm', 'cm'],
    ] as const,
    set: (v: string) => (settings.lengths = v as 'own' | 'in' | 'cm'),
  },
  {
    label: 'Words',
    value: settings.english,
    options: [
      ['us', 'US: batting'],
      ['uk', 'UK: wadding'],
    ] as const,
    set: (v: string) => (settings.english = v as 'us' | 'uk'),
  },
  {
    label: 'Cutting hand',
    value: settings.hand,
    options: [
      ['right', 'right'],
      ['left', 'left'],
    ] as const,
    set: (v: string) => (settings.hand = v as 'left' | 'right'),
  },
  {
    label: 'Light',
    value: isEvening.value ? 'evening' : 'day',
    options: [
      ['day', 'day'],
      ['evening', 'evening'],
    ] as const,
    set: (v: string) => (isEvening.value = v === 'evening'),
  },
])
</script>

<template>
  <UPopover :ui="{ content: 'bg-paper text-ink border border-line rounded-xl p-4 z-50 w-96' }">
    <UButton variant="ghost" square aria-label="Units, words, hand and light">
      <UIcon name="i-lucide-settings-2" class="size-6" />
    </UButton>
    <template #content>
      <div class="space-y-3">
        <fieldset v-for="choice in choices" :key="choice.label">
          <legend class="label">{{ choice.label }}</legend>
          <div class="flex gap-2">
            <UButton
              v-for="[value, text] in choice.options"
              :key="value"
              class="grow !px-2"
              :class="{ chosen: choice.value === value }"
              :aria-pressed="choice.value === value"
              @click="choice.set(value)"
            >
              {{ text }}
            </UButton>
          </div>
        </fieldset>
        <a href="/licences.txt" target="_blank" class="note underline">Licences of what ships with Wren</a>
      </div>
    </template>
  </UPopover>
</template>

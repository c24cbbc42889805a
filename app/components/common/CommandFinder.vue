<script setup lang="ts">
import type { Command } from '~/composables/useQuiltCommands'

const { commands } = defineProps<{ commands: readonly Command[] }>()
const open = defineModel<boolean>('open', { required: true })

const words = ref('')
const input = useTemplateRef('input')
const content = useFirstFocus(input)
const at = ref(0)
const found = computed(() => ranked(words.value.trim().toLowerCase().split(/\s+/)))
/** Those that have every word, in their name or what they are also called; names first. */
function ranked(wanted: readonly string[]): Command[] {
  const has = (text: string, word: string) =>
    text
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .some(part => part.startsWith(word)) || text.toLowerCase().includes(` ${word}`)
  const inName = (command: Command) => wanted.every(word => command.name.toLowerCase().includes(word))
  const anywhere = (command: Command) =>
    wanted.every(word => command.name.toLowerCase().includes(word) || has(command.words ?? '', word))
  return [...commands.filter(inName), ...commands.filter(command => !inName(command) && anywhere(command))]
}
watch(words, () => (at.value = 0))

function run(command: Command | undefined) {
  if (!command) return
  open.value = false
  command.run()
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="Find a command"
    description="Type a part of what you want to do"
    :content="content"
    :ui="{ content: 'bg-paper max-w-lg', description: 'sr-only', body: 'p-3' }"
  >
    <template #body>
      <input
        ref="input"
        v-model="words"
        class="field"
        type="search"
        aria-label="Find a command"
        placeholder="What would you like to do?"
        autocomplete="off"
        @keydown.down.prevent="at = Math.min(found.length - 1, at + 1)"
        @keydown.up.prevent="at = Math.max(0, at - 1)"
        @keydown.enter.prevent="run(found[at])"
      />
      <ul class="mt-2 max-h-[50vh] overflow-y-auto">
        <li v-for="(command, i) in found" :key="command.id">
          <button
            type="button"
            class="flex min-h-12 w-full cursor-pointer items-center gap-3 rounded-lg px-3 text-left"
            :class="{ 'bg-linen font-semibold': i === at }"
            @click="run(command)"
            @mouseenter="at = i"
          >
            <UIcon :name="command.icon" class="size-5" />{{ command.name
            }}<kbd v-if="command.keys" class="note ml-auto">{{ command.keys }}</kbd>
          </button>
        </li>
        <li v-if="found.length === 0" class="note p-4">Nothing by that name.</li>
      </ul>
    </template>
  </UModal>
</template>

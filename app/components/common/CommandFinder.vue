<script setup lang="ts">
import type { VNode } from 'vue'
import type { Command } from '~/commands/command'

const { commands } = defineProps<{ commands: readonly Command[] }>()
const open = defineModel<boolean>('open', { required: true })

const words = ref('')
/** But this list itself. */
const others = computed(() => commands.filter(({ id }) => id !== 'find'))
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
  return [...others.value.filter(inName), ...others.value.filter(command => !inName(command) && anywhere(command))]
}
const groups = computed(() => [
  {
    id: 'commands',
    ignoreFilter: true,
    items: found.value.map(({ name, icon, keys, run }) => ({
      label: name,
      icon,
      kbds: keys ? [keys] : [],
      onSelect() {
        open.value = false
        run()
      },
    })),
  },
])
/** The palette gives its list no name. */
function nameList({ el }: VNode) {
  if (el instanceof HTMLElement) el.querySelector('[role="listbox"]')?.setAttribute('aria-label', 'Commands')
}
const field = { 'type': 'search', 'aria-label': 'Find a command' }
/** The words come first; the palette puts the focus there by itself. */
const content = { onOpenAutoFocus: (event: Event) => event.preventDefault(), onCloseAutoFocus: leaveMovedFocus }
</script>

<template>
  <UModal
    v-model:open="open"
    title="Find a command"
    description="Type a part of what you want to do"
    :content="content"
    :ui="{
      content: 'bg-paper max-w-lg',
      description: 'sr-only',
      body: 'max-h-[60vh] scroll-pt-20 overflow-y-auto p-3',
    }"
  >
    <template #body>
      <div @vue:mounted="nameList">
        <UCommandPalette
          v-model:search-term="words"
          :groups="groups"
          :fuse="{ resultLimit: found.length }"
          :icon="false"
          :input="field"
          placeholder="What would you like to do?"
        >
          <template #empty>Nothing by that name.</template>
        </UCommandPalette>
      </div>
    </template>
  </UModal>
</template>

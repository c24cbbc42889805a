<script setup lang="ts">
const open = defineModel<boolean>('open', { required: true })
const KEYS = [
  ['g, then 1 to 6', 'to a station'],
  ['Ctrl K', 'find a command'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['?', 'this page'],
  ['Arrow keys', 'in the drawing: from block to block; on the tape: from part to part'],
  ['r', 'in the drawing: turn the block'],
  ['m', 'mirror the block'],
  ['x, then Enter', 'pick up a block, and exchange it for another'],
  ['Enter', 'to the choices of the part; on the draft board: begin a line, end it, paint'],
  ['[ and ]', 'a ruler step smaller or larger'],
  ['Esc', 'let go, close'],
  ['Space, arrows, page keys', 'step by step at the mat and the machine (a page-turner pedal works)'],
] as const
</script>

<template>
  <UModal
    v-model:open="open"
    title="Keys"
    description="Everything works by keyboard"
    :ui="{ content: 'bg-paper max-w-xl', description: 'note' }"
  >
    <template #body>
      <table class="w-full">
        <tbody>
          <tr v-for="[keys, what] in KEYS" :key="keys" class="border-b border-line">
            <th class="py-2 pr-4 text-left align-top font-semibold whitespace-nowrap">{{ keys }}</th>
            <td class="py-2">{{ what }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </UModal>
</template>

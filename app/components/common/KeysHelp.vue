<script setup lang="ts">
import type { Command } from '~/commands/command'
import { PLACE_KEYS } from '~/commands/placeKeys'

const { commands } = defineProps<{ commands: readonly Command[] }>()
const open = defineModel<boolean>('open', { required: true })

const places = computed(() => [
  {
    place: 'On every page',
    keys: commands.flatMap(({ keys, otherKeys, name }) =>
      keys ? [{ keys: otherKeys ? `${keys} or ${otherKeys}` : keys, what: name }] : [],
    ),
  },
  ...PLACE_KEYS,
])
</script>

<template>
  <UModal
    v-model:open="open"
    title="Keys"
    description="Everything works by keyboard"
    :ui="{ content: 'bg-paper max-w-xl', description: 'note', body: 'overflow-visible' }"
  >
    <template #body>
      <div role="region" aria-label="Keys" tabindex="0" class="max-h-[65vh] overflow-y-auto">
        <table v-for="{ place, keys } in places" :key="place" class="mb-5 w-full">
          <caption class="label text-left">
            {{
              place
            }}
          </caption>
          <tbody>
            <tr v-for="key in keys" :key="key.keys" class="border-b border-line">
              <th scope="row" class="w-44 py-2 pr-4 text-left align-top font-semibold">{{ key.keys }}</th>
              <td class="py-2">{{ key.what }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </UModal>
</template>

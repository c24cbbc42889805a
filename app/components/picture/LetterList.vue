<script setup lang="ts">
import { codingColour } from '~~/core/charts/codingColours'
import type { PictureLetter } from '~~/core/edits/pictures'
import { fabricsOf } from '~~/core/file/trayCloths'
import type { Cloth } from '~~/core/file/quilt'
import { inEnglish, plural } from '~~/words/speech'

/** The letters of a picture: which is painted, what each wears, which belong to the subject. */
const { hands, cloths } = defineProps<{ hands: ReturnType<typeof usePictureLetters>; cloths: readonly Cloth[] }>()
/** The place of the letter that is painted. */
const chosen = defineModel<number>('chosen', { required: true })
const { letters, codings, counts, subject, tried } = hands

const speech = useSpeech()
const fabrics = computed(() => fabricsOf(cloths))
const nameOf = (id: string) => cloths.find(cloth => cloth.id === id)?.name ?? id
const wornBy = ({ cloths: worn }: PictureLetter) => (worn.length > 0 ? worn.map(nameOf).join(', ') : 'a new cloth')
const now = computed(() => letters.value[chosen.value]!)
const colourOf = (id: string) => cloths.find(cloth => cloth.id === id)!.colour
const others = computed(() =>
  letters.value.flatMap(({ letter }, i) => (i === chosen.value ? [] : [{ value: i, label: letter }])),
)
</script>

<template>
  <section aria-label="Letters of the picture" class="space-y-3">
    <ul class="letters">
      <li v-for="(entry, i) in letters" :key="entry.letter">
        <UButton
          class="letter"
          :class="{ chosen: i === chosen }"
          :aria-pressed="i === chosen"
          :title="wornBy(entry)"
          @click="chosen = i"
        >
          <span class="code" :style="{ background: codingColour(entry.letter, codings) }">{{ entry.letter }}</span>
          <span class="dab" :style="{ background: entry.cloths[0] ? colourOf(entry.cloths[0]) : entry.colour }" />
          <span class="figure">{{ counts[i] }}</span>
        </UButton>
      </li>
      <li>
        <UButton class="letter" :disabled="letters.length >= 24" @click="hands.add()">
          <UIcon name="i-lucide-plus" class="size-5" />Letter
        </UButton>
      </li>
    </ul>
    <div class="card space-y-3" role="group" :aria-label="`Letter ${now.letter}`">
      <p>
        <strong>{{ now.letter }}</strong> wears {{ wornBy(now) }}: {{ plural(counts[chosen]!, 'square') }}.
      </p>
      <ChoiceField
        label="What if it wore"
        :value="tried ?? now.cloths[0] ?? null"
        :options="fabrics.map(cloth => ({ value: cloth.id, label: cloth.name }))"
        @choose="cloth => (tried = cloth)"
      />
      <div v-if="tried" class="flex gap-2">
        <UButton class="chosen grow !px-2" @click="hands.wear(tried)">Wear it</UButton>
        <UButton class="grow !px-2" @click="tried = null">Put back</UButton>
      </div>
      <ColourField
        v-if="now.cloths.length === 0"
        :label="inEnglish('Color of the new cloth', speech)"
        :value="now.colour"
        @commit="colour => hands.change({ colour })"
      />
      <YesNoField :value="subject.has(chosen)" label="Part of the subject" @choose="hands.toggleSubject(chosen)" />
      <details>
        <summary class="cursor-pointer py-2 font-semibold">
          {{ inEnglish('Scraps, chart color, merge', speech) }}
        </summary>
        <div class="space-y-3 pt-1">
          <ChoiceField
            label="Another scrap under this letter, by turns"
            :value="null"
            :options="
              fabrics
                .filter(({ id }) => !now.cloths.includes(id))
                .map(cloth => ({ value: cloth.id, label: cloth.name }))
            "
            :disabled="now.cloths.length === 0"
            @choose="cloth => hands.scrap(cloth)"
          />
          <div v-if="now.cloths.length > 1" class="flex flex-wrap gap-2">
            <UButton v-for="id in now.cloths" :key="id" class="!px-2" @click="hands.drop(id)">
              <UIcon name="i-lucide-x" class="size-5" />{{ nameOf(id) }}
            </UButton>
          </div>
          <ColourField
            :label="inEnglish('Its color on the chart', speech)"
            :value="codingColour(now.letter, codings)"
            @commit="colour => hands.change({ coding: colour })"
          />
          <ChoiceField
            v-if="others.length > 0"
            label="Merge it into"
            :value="null"
            :options="others"
            @choose="place => hands.merge(place)"
          />
        </div>
      </details>
    </div>
  </section>
</template>

<style scoped>
.letters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}
.letter {
  padding-inline: 0.45rem;
  gap: 0.3rem;
}
.code {
  display: inline-grid;
  place-items: center;
  min-width: 1.6rem;
  height: 1.6rem;
  border-radius: 4px;
  border: 1px solid #000;
  color: #000;
  font-weight: 700;
}
.dab {
  width: 1.1rem;
  height: 1.6rem;
  border-radius: 4px;
  border: 1px solid var(--line);
}
</style>

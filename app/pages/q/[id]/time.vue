<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Session } from '~~/core/time/sessions'
import { sessionText } from '~~/words/session'

/** How long the quilt takes, learnt from what was timed; and its days of work. */
const store = useQuilt()
const route = useRoute()
const { problems } = useToasts()
const { time, left, draws, sittings, doubted } = useTime()
const { batches, book } = useBatches()
const quilt = computed(() => store.quilt!)
const byId = computed(() => new Map(batches.value.map(batch => [batch.id, batch])))
const textOf = (session: Session) => sessionText(session, byId.value, book.value)
const apply = (name: string, edit: Edit) => problems(store.apply(name, edit))
</script>

<template>
  <div class="mx-auto max-w-6xl p-5">
    <div class="no-print mb-2"><BackToStation /></div>
    <h1 class="mb-4">How long it takes</h1>
    <p v-if="!time" class="note" role="status">Laying out the work …</p>
    <div v-else class="grid gap-5 lg:grid-cols-2">
      <div class="space-y-5">
        <TimeLeft :time="time" :sittings="sittings.length" />
        <DoubtedSittings v-if="doubted.length > 0" :sittings="doubted" :can-write="store.canWrite" @edit="apply" />
        <p v-if="!quilt.quilting.length" class="note">
          The quilting is not in it: how it is to be quilted is not said yet.
          <ULink :to="toPage('quilting')" class="underline">Plan the quilting</ULink>
        </p>
        <WaysToSave
          v-if="left"
          :quilt="quilt"
          :left="left"
          :draws="draws"
          :minutes="time.left.minutes"
          :late="time.late"
          :can-write="store.canWrite"
          @edit="apply"
        />
      </div>
      <div class="space-y-5">
        <FreeHours :quilt="quilt" :can-write="store.canWrite" @edit="apply" />
        <SessionList
          :time="time"
          :quilt="{ id: String(route.params.id), name: quilt.name, until: quilt.plan.until }"
          :text-of="textOf"
        />
      </div>
    </div>
  </div>
</template>

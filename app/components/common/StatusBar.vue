<script setup lang="ts">
import type { CheckedPlan } from '~~/core/checks/planQuilt'
import { formatBought } from '~~/words/length'
import { plural } from '~~/words/speech'

const { plan, cut, isPlanning } = defineProps<{
  plan: CheckedPlan
  cut: { cut: number; all: number }
  isPlanning: boolean
}>()
const emit = defineEmits<{ look: [] }>()
const speech = useSpeech()

const yardage = computed(() => plan.cloths.filter(cloth => cloth.unit === 'in' && (cloth.atHand ?? cloth).buy > 0))
const worst = computed(() => plan.checks[0]?.severity)
const serious = computed(() => plan.checks.filter(check => check.severity !== 'note').length)
</script>

<template>
  <footer class="bar no-print" :aria-busy="isPlanning">
    <div>
      <p class="big">
        <Figure path="quilt.width" title="Finished width" /> × <Figure path="quilt.height" title="Finished height" />
      </p>
      <p class="small">finished</p>
    </div>
    <div>
      <p class="big">
        <Figure path="quilt.blocks" kind="count" title="Blocks" /> {{ plan.quilt.blocks === 1 ? 'block' : 'blocks' }}
      </p>
      <p class="small"><Figure path="quilt.patches" kind="count" title="Patches" /> patches</p>
    </div>
    <div class="wide">
      <p class="big">
        <Figure path="quilt.buy" kind="cloth" :text="formatBought(plan.quilt.buy, speech)" title="Cloth to buy" />
      </p>
      <p class="small">{{ plural(yardage.length, 'cloth') }} to buy{{ plan.backing ? ', back included' : '' }}</p>
    </div>
    <div class="wide">
      <p class="big">{{ cut.cut }} of <Figure path="quilt.pieces" kind="count" title="Pieces to cut" /></p>
      <p class="small">pieces cut</p>
    </div>
    <UButton class="look" :class="worst" @click="emit('look')">
      <UIcon
        :name="
          worst === 'error' ? 'i-lucide-octagon-alert' : plan.checks.length > 0 ? 'i-lucide-eye' : 'i-lucide-check'
        "
        class="size-5"
      />
      {{
        serious > 0
          ? `${plural(serious, 'thing')} to look at`
          : plan.checks.length > 0
            ? `${plural(plan.checks.length, 'note')}`
            : 'All in order'
      }}
    </UButton>
  </footer>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 2rem;
  min-height: 66px;
  padding: 0.45rem 1.3rem;
  background: var(--bar);
  color: var(--on-bar);
}
.big {
  font-weight: 700;
  font-size: 1.15rem;
  line-height: 1.25;
  white-space: nowrap;
}
.small {
  font-size: 0.92rem;
  opacity: 0.88;
  line-height: 1.25;
  white-space: nowrap;
}
.look {
  margin-left: auto;
  flex: none;
}
.look.warn,
.look.error {
  background: var(--weld);
  color: var(--on-weld);
  border-color: var(--weld);
}
@media (max-width: 1000px) {
  .bar {
    gap: 0.9rem;
    padding: 0.45rem 0.6rem;
  }
  .big {
    font-size: 1.05rem;
  }
  .look {
    padding-inline: 0.6rem;
  }
}
@media (max-width: 700px) {
  .wide {
    display: none;
  }
}
</style>

import * as vue from 'vue'

// what Nuxt imports by itself in stores and composables, for tests that run without it
const { computed, markRaw, readonly, ref, shallowRef, toRaw, watch } = vue
Object.assign(globalThis, {
  computed,
  markRaw,
  readonly,
  ref,
  shallowRef,
  toRaw,
  watch,
  /** Stores are made afresh by each test. */
  defineStore: (_: string, setup: () => Record<string, unknown>) => () => vue.reactive(setup()),
  useDebounceFn: (run: () => unknown) => run,
  useSettings: () => ({ quiltUnits: null }),
})

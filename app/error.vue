<script setup lang="ts">
import type { NuxtError } from '#app'

const { error } = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => error.statusCode === 404)
</script>

<template>
  <main class="grid min-h-screen place-items-center p-6">
    <div class="card floating max-w-md space-y-3">
      <h1>{{ isMissing ? 'There is no such page' : 'A thread broke' }}</h1>
      <p>
        {{
          isMissing
            ? 'The address may be mistyped, or the quilt is kept on another computer.'
            : 'Something went wrong in Wren. Your quilts are kept; nothing is lost.'
        }}
      </p>
      <p v-if="!isMissing" class="note">{{ error.message }}</p>
      <UButton variant="solid" @click="clearError({ redirect: '/' })">To the shelf</UButton>
    </div>
  </main>
</template>

<script setup lang="ts">
import { isBackupDue, lastBackupText } from '~~/words/backup'
import { useLastBackup } from '~/backup/useLastBackup'

/** A line on the shelf when much has changed and no backup was made for long. */
const { at, changed } = useLastBackup()
const now = new Date().toISOString()
</script>

<template>
  <p
    v-if="isBackupDue(at, now, changed)"
    class="note mb-4 flex flex-wrap items-center gap-3"
    role="status"
    data-testid="backup-due"
  >
    {{ lastBackupText(at, now, changed.length) }} Quilts are kept in this browser alone.
    <UButton to="/backup">Make a backup</UButton>
  </p>
</template>

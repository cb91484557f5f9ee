<script setup lang="ts">
import { awaySince } from '@/shared/api/client'
import { notOpened } from './notOpened'

/** Why a screen that was asked for did not open; what was there before stays. */
function again(): void {
  const to = notOpened.value
  // the browser remembers that a file could not be fetched; asked for anew, the whole application comes with it
  location.assign(to ?? '/')
}
</script>

<template>
  <div v-if="notOpened" class="band stop row spread fault" role="alert">
    <span
      ><strong>The screen could not be fetched.</strong>
      {{
        awaySince
          ? 'The shop’s server does not answer. This one stays until it does.'
          : 'The application may have been renewed since it was opened here.'
      }}</span
    >
    <span class="row">
      <el-button :disabled="awaySince !== null" @click="again">Open it now</el-button>
      <el-button @click="notOpened = null">Stay here</el-button>
    </span>
  </div>
</template>

<style scoped>
.fault {
  position: fixed;
  inset: auto 0 var(--strip, 0px);
  z-index: 3900;
  margin: 0;
}
</style>

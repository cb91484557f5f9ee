<script setup lang="ts">
import { computed } from 'vue'
import type { SheetPage } from '@/shared/api/types'

/** The document at hand: named once, so that each value needs only its page. */
const props = defineProps<{ page: SheetPage }>()
const source = defineModel<{ document: string; revision: string } | null>({ required: true })
const known = computed(() => [...new Set(Object.values(props.page.document.sources).map((each) => each.document))])

if (source.value === null) {
  const [first] = Object.values(props.page.document.sources)
  source.value = first ? { document: first.document, revision: first.revision } : { document: '', revision: '' }
}
function set(key: 'document' | 'revision', event: Event): void {
  source.value = { document: '', revision: '', ...source.value, [key]: (event.target as HTMLInputElement).value }
}
</script>

<template>
  <div class="panel row bar">
    <strong>Document at hand</strong>
    <input
      class="cell document"
      aria-label="Document at hand"
      list="known-documents"
      placeholder="the manual’s title"
      :value="source?.document ?? ''"
      @input="set('document', $event)"
    />
    <datalist id="known-documents"><option v-for="each in known" :key="each" :value="each"></option></datalist>
    <label>
      revision
      <input
        class="cell figure"
        aria-label="Revision of the document"
        :value="source?.revision ?? ''"
        @input="set('revision', $event)"
      />
    </label>
    <span class="muted small">It stays as you go: each value needs only its page.</span>
  </div>
</template>

<style scoped>
.bar {
  padding: 8px 16px;
}

.document {
  width: 300px;
}
</style>

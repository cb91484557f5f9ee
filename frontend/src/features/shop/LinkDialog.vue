<script setup lang="ts">
import { computed, ref } from 'vue'
import type { GivenLink } from '@/shared/api/types'

/** The link by which somebody sets their password; it is shown this once. */
const props = defineProps<{ given: GivenLink }>()
const emit = defineEmits<{ close: [] }>()
const address = computed(() => `${location.origin}${props.given.link}`)
const copied = ref(false)

async function copy(): Promise<void> {
  copied.value = await navigator.clipboard.writeText(address.value).then(
    () => true,
    () => false,
  )
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="`A link for ${given.person.name}`"
    :width="620"
    append-to-body
    @close="emit('close')"
  >
    <div class="stack">
      <p>
        {{ given.person.name }} opens this address and sets a password of their own, once, within three days. Nobody
        else ever knows it. The link is not shown again.
      </p>
      <input
        class="cell wide"
        readonly
        :value="address"
        aria-label="The link"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <p v-if="given.mailed" role="status">It was also sent to {{ given.person.email }}.</p>
      <p v-else class="muted">It was not mailed: hand it over yourself.</p>
      <div class="row">
        <el-button @click="copy">Copy it</el-button>
        <span v-if="copied" role="status">Copied.</span>
      </div>
    </div>
    <template #footer><el-button type="primary" @click="emit('close')">Done</el-button></template>
  </el-dialog>
</template>

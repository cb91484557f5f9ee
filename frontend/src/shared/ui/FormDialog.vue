<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { asProblem } from '@/shared/api/client'
import ProblemNote from './ProblemNote.vue'

/** A form in a dialog: what was typed stays until it is kept or left. */
const props = withDefaults(
  defineProps<{ title: string; action: string; error: unknown; busy: boolean; width?: number; leave?: string }>(),
  { width: 560, leave: 'Leave it' },
)
const emit = defineEmits<{ send: []; close: [] }>()
const form = useTemplateRef<HTMLFormElement>('form')
const unshown = computed(() => (asProblem(props.error)?.fields.size ?? 0) === 0)
</script>

<template>
  <el-dialog :model-value="true" :title="title" :width="width" append-to-body @close="emit('close')">
    <form ref="form" class="stack" @submit.prevent="busy || emit('send')">
      <slot />
      <ProblemNote v-if="unshown" :error="error" />
    </form>
    <template #footer>
      <el-button @click="emit('close')">{{ leave }}</el-button>
      <el-button type="primary" :loading="busy" @click="form?.requestSubmit()">{{ action }}</el-button>
    </template>
  </el-dialog>
</template>

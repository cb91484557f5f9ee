<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import type { Engine, OrderFile } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import ValueEditor from '@/shared/value/ValueEditor.vue'
import { emptyValue, tidied, type Raw } from '@/shared/value/raw'
import { useFields } from '@/shared/value/useFields'

/** A hole of the book, filled in on this order from the manual at hand. It is marked, and the book gets a proposal. */
const props = defineProps<{
  order: OrderFile
  engine: Engine
  path: string
  /** The engines of one sheet that lack the value, this one among them. */
  alike: string[]
  settled: () => Promise<string>
}>()
const emit = defineEmits<{ close: []; filled: [] }>()
const { fields, byPath } = useFields()
const field = computed(() => byPath.value.get(props.path))
const value = ref<Raw | null>(null)
const others = computed(() => props.alike.filter((label) => label !== props.engine.label))
const atAll = ref(true)
const form = ref({ document: '', revision: '', page: '', reason: '' })
watch(
  field,
  (known) => {
    value.value ??= known ? emptyValue(known) : null
  },
  { immediate: true },
)

const fill = usePress({
  mutationFn: async () =>
    answered(
      api.POST('/api/orders/{number}/fills', {
        params: { path: { number: props.order.number } },
        body: {
          version: await props.settled(),
          engineId: props.engine.id,
          path: props.path,
          content: tidied(value.value ?? {}),
          alike: atAll.value && others.value.length > 0,
          ...form.value,
        },
      }),
    ),
  onSuccess: () => {
    emit('filled')
  },
})
const errors = computed(() => [...(asProblem(fill.error.value)?.fields ?? new Map<string, string>())])
const at = (start: string): string | undefined => errors.value.find(([pointer]) => pointer.startsWith(start))?.[1]
const sheet = ref<HTMLFormElement | null>(null)
const inputs = [
  { key: 'document', label: 'Manual' },
  { key: 'revision', label: 'Its revision' },
  { key: 'page', label: 'Page' },
  { key: 'reason', label: 'Why it is filled in here' },
] as const
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="`Fill in: ${field?.label ?? ''}`"
    width="620"
    append-to-body
    @close="emit('close')"
  >
    <form v-if="field && fields && value" ref="sheet" class="stack" @submit.prevent="fill.mutate()">
      <p class="band">
        <strong>{{ engine.label }} {{ engine.model }} {{ engine.serial }}.</strong> Only from the maker’s manual for
        this very engine, never from memory or a neighbour. It is marked on the order, and the book gets a proposal.
      </p>
      <label v-if="others.length > 0" class="row">
        <input v-model="atAll" type="checkbox" />
        Also at {{ others.join(', ').toLowerCase() }}: the same sheet, the same manual.
      </label>
      <div>
        <ValueEditor v-model="value" :field="field" :fields="fields" :invalid="at('/content') !== undefined" />
        <FieldNote :text="at('/content') ?? at('/path')" />
      </div>
      <div v-for="input in inputs" :key="input.key" class="line">
        <label :for="`fill-${input.key}`">{{ input.label }}</label>
        <div>
          <input :id="`fill-${input.key}`" v-model="form[input.key]" class="cell wide" required />
          <FieldNote :text="at(`/${input.key}`)" />
        </div>
      </div>
      <ProblemNote v-if="errors.length === 0" :error="fill.error.value" />
    </form>
    <template #footer>
      <el-button @click="emit('close')">Leave it parked</el-button>
      <el-button type="primary" @click="sheet?.requestSubmit()" :loading="fill.isPending.value">Fill in</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 140px 1fr;
  gap: 10px;
}
</style>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import TakeBackForm from '@/shared/ui/TakeBackForm.vue'

const props = defineProps<{ order: number; part: string; engine: string }>()
const emit = defineEmits<{ close: [] }>()
const queries = useQueryClient()
const take = usePress({
  mutationFn: (why: string) =>
    answered(
      api.POST('/api/orders/{number}/cart/taking-back', {
        params: { path: { number: props.order } },
        body: { number: props.part, engine: props.engine, why },
      }),
    ),
  onSuccess: (cart) => {
    queries.setQueryData(keys.cart(props.order), cart)
    emit('close')
  },
})
</script>

<template>
  <TakeBackForm
    :title="`Take back ${part}, ${engine.toLowerCase()}`"
    action="It is not held"
    :reasons="['scanned by mistake', 'put back on the shelf', 'damaged']"
    :error="take.error.value"
    :busy="take.isPending.value"
    @take="(why) => take.mutate(why)"
    @close="emit('close')"
  >
    <p>The part counts as not held against this engine; hold it again and it is back.</p>
  </TakeBackForm>
</template>

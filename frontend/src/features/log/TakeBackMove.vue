<script setup lang="ts">
import { answered, api } from '@/shared/api/client'
import { useEverythingChanged } from '@/shared/api/everything'
import { usePress } from '@/shared/api/usePress'
import TakeBackForm from '@/shared/ui/TakeBackForm.vue'

const props = defineProps<{ engineId: number }>()
const emit = defineEmits<{ close: [] }>()
const everythingChanged = useEverythingChanged()
const take = usePress({
  mutationFn: (why: string) =>
    answered(
      api.POST('/api/engines/{id}/moves/taking-back', { params: { path: { id: props.engineId } }, body: { why } }),
    ),
  onSuccess: async () => {
    emit('close')
    await everythingChanged()
  },
})
</script>

<template>
  <TakeBackForm
    title="Take the last move back"
    action="Take the move back"
    :reasons="['the wrong boat', 'the wrong place', 'it was not moved']"
    :error="take.error.value"
    :busy="take.isPending.value"
    @take="(why) => take.mutate(why)"
    @close="emit('close')"
  >
    <p class="band">
      The engine hangs again where it hung before, and so does the one it was swapped with. What is due is worked out
      anew.
    </p>
  </TakeBackForm>
</template>

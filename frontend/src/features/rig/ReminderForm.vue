<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { BoatPage } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { useSession, useShop } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { momentText } from '@/shared/units'

/** A message to the owner: proposed from the due list, changed as one likes. */
const props = defineProps<{ boat: BoatPage }>()
const emit = defineEmits<{ close: []; sent: [] }>()
const queries = useQueryClient()
const { timeZone } = useShop()
const { personOf } = useSession()
const { data } = useQuery({
  queryKey: keys.reminder(props.boat.id),
  queryFn: () => answered(api.GET('/api/boats/{id}/reminder', { params: { path: { id: props.boat.id } } })),
  staleTime: 0,
  gcTime: 0,
})
const form = ref<{ channel: 'email' | 'text'; subject: string; body: string }>({
  channel: props.boat.owner.email === null && props.boat.owner.phone !== null ? 'text' : 'email',
  subject: '',
  body: '',
})
watch(data, (proposed) => {
  if (proposed && form.value.body === '') {
    form.value = { ...form.value, ...proposed }
  }
})
const send = usePress({
  mutationFn: () =>
    answered(api.POST('/api/boats/{id}/reminder', { params: { path: { id: props.boat.id } }, body: form.value })),
  onSuccess: () => {
    emit('sent')
  },
  onSettled: () => queries.invalidateQueries({ queryKey: keys.outbox }),
})
const field = fieldsOf(send.error)
const channels = [
  { channel: 'email', name: 'e-mail', to: props.boat.owner.email },
  { channel: 'text', name: 'text message', to: props.boat.owner.phone },
] as const
</script>

<template>
  <FormDialog
    :title="`Remind ${boat.owner.name}`"
    action="Send it"
    :error="send.error.value"
    :busy="send.isPending.value"
    :width="640"
    @send="send.mutate()"
    @close="emit('close')"
  >
    <p v-if="boat.messages[0]" class="band small">
      Last written on {{ momentText(boat.messages[0].writtenAt, timeZone) }}, by
      {{ personOf(boat.messages[0].writtenBy) }}{{ boat.messages[0].failure ? ' – not sent' : '' }}.
    </p>
    <fieldset class="row">
      <legend class="visually-hidden">How</legend>
      <label v-for="each in channels" :key="each.channel" class="row"
        ><input v-model="form.channel" type="radio" name="channel" :value="each.channel" /> {{ each.name }}
        <span class="muted">{{ each.to ?? 'not in the register' }}</span></label
      >
    </fieldset>
    <FieldNote :text="field('/channel')" />
    <LabelledField label="Subject" for="reminder-subject" :error="field('/subject')">
      <input id="reminder-subject" v-model="form.subject" class="cell wide" required maxlength="200" />
    </LabelledField>
    <LabelledField label="Message" for="reminder-body" :error="field('/body')">
      <textarea id="reminder-body" v-model="form.body" class="cell wide" rows="13" required maxlength="5000"></textarea>
    </LabelledField>
  </FormDialog>
</template>

<style scoped>
textarea {
  height: auto;
}
</style>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { GivenLink, Person } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { roleWords } from '@/shared/words'

/** Somebody new, or how somebody is called and what they may do. */
const props = defineProps<{ person: Person | null }>()
const emit = defineEmits<{ close: []; linked: [given: GivenLink] }>()
const queries = useQueryClient()
const form = ref({
  username: props.person?.username ?? '',
  name: props.person?.name ?? '',
  role: props.person?.role ?? ('technician' as const),
  lead: props.person?.lead ?? false,
  email: props.person?.email ?? '',
})
const fields = computed(() => ({
  name: form.value.name,
  role: form.value.role,
  lead: form.value.lead,
  email: form.value.email.trim() === '' ? null : form.value.email.trim(),
}))
const roles = Object.keys(roleWords) as (keyof typeof roleWords)[]
const may = {
  writer: 'checks in, chooses tasks, issues orders',
  technician: 'works at the bench, releases',
  parts: 'keeps parts and oils, lays the cart',
  manager: 'all of it; the book, the policy, the people',
}

const add = usePress({
  mutationFn: () => answered(api.POST('/api/people', { body: { ...fields.value, username: form.value.username } })),
  onSuccess: (given) => {
    emit('linked', given)
    emit('close')
  },
})
const change = usePress({
  mutationFn: ({ username, name, role, lead, email }: Person) =>
    answered(
      api.PUT('/api/people/{username}', {
        params: { path: { username } },
        body: { as: fields.value, was: { name, role, lead, email } },
      }),
    ),
  onSuccess: () => emit('close'),
})
const used = computed(() => (props.person === null ? add : change))
const told = fieldsOf(computed(() => used.value.error.value))
const field = (name: string): string | undefined => told(`${props.person === null ? '' : '/as'}/${name}`)

async function send(): Promise<void> {
  await (props.person === null ? add.mutateAsync() : change.mutateAsync(props.person)).catch(() => null)
  await queries.invalidateQueries({
    predicate: ({ queryKey }) =>
      [keys.people, keys.trail, keys.session, keys.setUp].some(([key]) => key === queryKey[0]),
  })
}
</script>

<template>
  <FormDialog
    :title="person ? person.name : 'Another person'"
    :action="person ? 'Keep it' : 'Make the account'"
    :error="used.error.value"
    :busy="used.isPending.value"
    @send="send"
    @close="emit('close')"
  >
    <LabelledField label="Name" for="person-name" hint="As it stands under records." :error="field('name')">
      <input id="person-name" v-model="form.name" class="cell wide" :maxlength="80" />
    </LabelledField>
    <LabelledField
      v-if="!person"
      label="User name"
      for="person-username"
      hint="Short, without blanks; they sign in with it, and it stays."
      :error="field('username')"
    >
      <input id="person-username" v-model="form.username" class="cell" :maxlength="60" autocomplete="off" />
    </LabelledField>
    <fieldset>
      <legend>Role</legend>
      <label v-for="role in roles" :key="role" class="row">
        <input v-model="form.role" type="radio" name="role" :value="role" />
        {{ roleWords[role] }} <span class="muted small">{{ may[role] }}</span>
      </label>
    </fieldset>
    <label class="row">
      <input v-model="form.lead" type="checkbox" :disabled="form.role === 'manager'" />
      leads at the bench: lifts stops, lets an engine go that is not fit to run
    </label>
    <LabelledField
      label="E-mail"
      for="person-email"
      hint="A link for a new password goes there. It can be left out."
      :error="field('email')"
    >
      <input id="person-email" v-model="form.email" class="cell wide" :maxlength="200" autocomplete="off" />
    </LabelledField>
  </FormDialog>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
}

legend {
  font-weight: 600;
}
</style>

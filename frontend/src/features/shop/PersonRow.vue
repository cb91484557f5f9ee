<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { GivenLink, Person } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { roleWords } from '@/shared/words'

/** One account, and what a manager does with it. */
const props = defineProps<{ person: Person }>()
const emit = defineEmits<{ change: []; linked: [given: GivenLink] }>()
const queries = useQueryClient()
const path = { params: { path: { username: props.person.username } } }
async function keep(people: { people: Person[] }): Promise<void> {
  queries.setQueryData(keys.people, people)
  await queries.invalidateQueries({
    predicate: ({ queryKey }) => ['trail', 'session', 'set-up'].includes(String(queryKey[0])),
  })
}
const lock = usePress({
  mutationFn: (locked: boolean) => answered(api.PUT('/api/people/{username}/lock', { ...path, body: { locked } })),
  onSuccess: keep,
})
const signOut = usePress({
  mutationFn: () => answered(api.POST('/api/people/{username}/sign-out', path)),
  onSuccess: keep,
})
const link = usePress({
  mutationFn: () => answered(api.POST('/api/people/{username}/link', path)),
  onSuccess: async (given) => {
    emit('linked', given)
    await queries.invalidateQueries({ queryKey: keys.trail })
  },
})
// a name begins with the words that are read on the button
const signedOut = computed(() => (signOut.isSuccess.value ? 'Signed out' : 'Sign out everywhere'))
const locking = computed(() => (props.person.locked ? 'Let in again' : 'Lock out'))
</script>

<template>
  <tr>
    <td>{{ person.name }}</td>
    <td>{{ person.username }}</td>
    <td>{{ roleWords[person.role] }}{{ person.lead ? ', lead' : '' }}</td>
    <td>{{ person.email ?? '' }}</td>
    <td>
      <span v-if="person.locked" class="mark-word alarm">locked out</span>
      <span v-else-if="!person.hasPassword" class="mark-word ask">no password yet</span>
      <template v-else>password{{ person.pin ? ' and PIN' : '' }}</template>
    </td>
    <td>
      <div class="row">
        <button type="button" class="mini" :aria-label="`Change ${person.name}`" @click="emit('change')">Change</button>
        <template v-if="!person.locked">
          <button
            type="button"
            class="mini"
            :aria-label="`Password link for ${person.name}`"
            :disabled="link.isPending.value"
            @click="link.mutate()"
          >
            Password link
          </button>
          <button
            type="button"
            class="mini"
            :aria-label="`${signedOut}: ${person.name}`"
            :disabled="signOut.isPending.value"
            @click="signOut.mutate()"
          >
            {{ signedOut }}
          </button>
        </template>
        <button
          type="button"
          class="mini"
          :aria-label="`${locking}: ${person.name}`"
          :disabled="lock.isPending.value"
          @click="lock.mutate(!person.locked)"
        >
          {{ locking }}
        </button>
      </div>
      <ProblemNote :error="lock.error.value ?? signOut.error.value ?? link.error.value" />
    </td>
  </tr>
</template>

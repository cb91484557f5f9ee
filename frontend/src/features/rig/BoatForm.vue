<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api, fieldsOf, Told } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { BoatUse, Customer } from '@/shared/api/types'
import { widths } from '@/shared/api/widths'
import { usePress } from '@/shared/api/usePress'
import FieldNote from '@/shared/ui/FieldNote.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { monthWords } from '@/shared/words'
import SeparatorFields from './SeparatorFields.vue'
import { useRegisterChanged, useRig } from './useRig'

/** A boat: new, or as it is now. A new owner is entered on the same page. */
type KnownUse = BoatUse & { separators: NonNullable<BoatUse['separators']> }

const route = useRoute()
const router = useRouter()
const changed = useRegisterChanged()
const id = computed(() => Number(route.params['id'] ?? 0))
const { boat, error } = useRig(id)
const nobodyLooked = { count: 'unknown', element: null, every: null } satisfies BoatUse['separators']
const usual: KnownUse = {
  water: 'salt',
  kept: 'moored',
  commercial: false,
  months: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
  idling: false,
  silt: false,
  sharedLockout: false,
  separators: nobodyLooked,
}
const form = ref({ name: '', kind: '', registration: '', owner: '', email: '', phone: '', use: usual })
const filled = ref(0)
watch(
  boat,
  (now) => {
    if (now && filled.value === 0) {
      filled.value = now.version
      form.value = {
        ...form.value,
        name: now.name,
        kind: now.kind,
        registration: now.registration,
        owner: now.customer,
        use: { ...now.use, months: [...now.use.months], separators: now.use.separators ?? nobodyLooked },
      }
    }
  },
  { immediate: true },
)
const { data: found } = useQuery({
  queryKey: computed(() => keys.customers(form.value.owner.trim())),
  queryFn: ({ signal }) =>
    answered(api.GET('/api/customers', { params: { query: { q: form.value.owner.trim() } }, signal })),
  placeholderData: (before) => before,
})
const owner = computed<Customer | undefined>(() =>
  form.value.owner.trim() === boat.value?.customer
    ? boat.value.owner
    : found.value?.customers.find((customer) => customer.name === form.value.owner.trim()),
)
/** Said on purpose: a slip of the pen makes nobody a customer. */
const isNew = ref(false)
watch(
  () => form.value.owner,
  () => (isNew.value = false),
)
const asked = ref(false)
/** Whoever was found is looked for once more: what was typed last may not have been answered yet. */
async function knownOwner(): Promise<Customer | null> {
  const name = form.value.owner.trim()
  if (owner.value !== undefined || added.value?.name === name) {
    return owner.value ?? added.value
  }
  const { customers } = await answered(api.GET('/api/customers', { params: { query: { q: name } } }))
  return customers.find((each) => each.name.toLowerCase() === name.toLowerCase()) ?? null
}
/** Entered once, even if the boat has to be mended and sent again. */
const added = ref<Customer | null>(null)
const keep = usePress({
  mutationFn: async () => {
    const { name, kind, registration, email, phone, use } = form.value
    const known = await knownOwner()
    asked.value = known === null && !isNew.value
    if (asked.value) {
      throw new Told('The owner is not in the register. Choose one from the list, or say that this is a new customer.')
    }
    const nothing = (text: string): string | null => (text.trim() === '' ? null : text.trim())
    const customer =
      known ??
      (added.value = await answered(
        api.POST('/api/customers', {
          body: { name: form.value.owner.trim(), email: nothing(email), phone: nothing(phone) },
        }),
      ))
    const body = { name, kind, registration, customerId: customer.id, use }
    return id.value > 0
      ? answered(
          api.PUT('/api/boats/{id}', { params: { path: { id: id.value } }, body: { ...body, version: filled.value } }),
        )
      : answered(api.POST('/api/boats', { body }))
  },
  onSuccess: async (kept) => {
    await changed()
    await router.push(`/boats/${kept.id}`)
  },
})
const remove = usePress({
  mutationFn: () => answered(api.DELETE('/api/boats/{id}', { params: { path: { id: id.value } } })),
  onSuccess: async () => {
    await changed()
    await router.push('/removed')
  },
})
const field = fieldsOf(keep.error)

function toggle(month: number): void {
  const months = form.value.use.months
  form.value.use.months = months.includes(month)
    ? months.filter((each) => each !== month)
    : [...months, month].sort((a, b) => a - b)
}
const uses = [
  { key: 'commercial', words: 'commercial use' },
  { key: 'idling', words: 'long idling' },
  { key: 'silt', words: 'dusty or silty water' },
] as const
</script>

<template>
  <ProblemNote v-if="error" :error="error" />
  <form v-else class="panel stack form" @submit.prevent="keep.mutate()">
    <h1>{{ id > 0 ? `Edit ${boat?.name ?? ''}` : 'New boat' }}</h1>
    <div class="two">
      <LabelledField label="Name" for="boat-name" :error="field('/name')">
        <input id="boat-name" v-model="form.name" class="cell wide" required :maxlength="widths.NewBoat.name" />
      </LabelledField>
      <LabelledField label="Kind" for="boat-kind" :error="field('/kind')">
        <input
          id="boat-kind"
          v-model="form.kind"
          class="cell wide"
          required
          :maxlength="widths.NewBoat.kind"
          placeholder="such as day boat"
        />
      </LabelledField>
      <LabelledField label="Registration" for="boat-registration" :error="field('/registration')">
        <input
          id="boat-registration"
          v-model="form.registration"
          class="cell wide"
          :maxlength="widths.NewBoat.registration"
        />
      </LabelledField>
      <LabelledField
        label="Owner"
        for="boat-owner"
        :error="field('/customerId') ?? (asked && !isNew ? 'Nobody in the register is called so.' : undefined)"
      >
        <input
          id="boat-owner"
          v-model="form.owner"
          class="cell wide"
          list="owners"
          required
          :maxlength="widths.NewCustomer.name"
          autocomplete="off"
        />
        <datalist id="owners">
          <option v-for="customer in found?.customers ?? []" :key="customer.id" :value="customer.name" />
        </datalist>
        <label v-if="form.owner && !owner" class="row">
          <input v-model="isNew" type="checkbox" /> {{ form.owner.trim() }} is a new customer
        </label>
      </LabelledField>
      <template v-if="form.owner && !owner && isNew">
        <LabelledField label="Owner’s e-mail" for="boat-email" :error="field('/email')">
          <input
            id="boat-email"
            v-model="form.email"
            class="cell wide"
            type="text"
            :maxlength="widths.NewCustomer.email"
          />
        </LabelledField>
        <LabelledField label="Owner’s telephone" for="boat-phone" :error="field('/phone')">
          <input id="boat-phone" v-model="form.phone" class="cell wide" :maxlength="widths.NewCustomer.phone" />
        </LabelledField>
      </template>
    </div>
    <fieldset class="row">
      <legend>Water</legend>
      <label v-for="water in ['salt', 'brackish', 'fresh']" :key="water" class="row"
        ><input v-model="form.use.water" type="radio" name="water" :value="water" /> {{ water }}</label
      >
    </fieldset>
    <fieldset class="row">
      <legend>Kept</legend>
      <label v-for="kept in ['moored', 'trailered']" :key="kept" class="row"
        ><input v-model="form.use.kept" type="radio" name="kept" :value="kept" /> {{ kept }}</label
      >
    </fieldset>
    <fieldset class="row">
      <legend>Hard use</legend>
      <label v-for="each in uses" :key="each.key" class="row"
        ><input v-model="form.use[each.key]" type="checkbox" /> {{ each.words }}</label
      >
    </fieldset>
    <fieldset class="row">
      <legend>Keys, lanyards and batteries</legend>
      <label class="row"
        ><input v-model="form.use.sharedLockout" type="checkbox" /> serve more than one engine: while one can start,
        nobody works on the others</label
      >
    </fieldset>
    <SeparatorFields v-model="form.use.separators" :error="field" />
    <fieldset>
      <legend>Months in which she is used</legend>
      <div class="row months">
        <button
          v-for="(word, index) in monthWords"
          :key="word"
          type="button"
          class="mini"
          :class="{ on: form.use.months.includes(index + 1) }"
          :aria-pressed="form.use.months.includes(index + 1)"
          @click="toggle(index + 1)"
        >
          {{ word }}
        </button>
      </div>
      <FieldNote :text="field('/use/months')" />
      <p class="muted small">They shape the forecast of hours, and the air that a check-in proposes.</p>
    </fieldset>
    <ProblemNote :error="keep.error.value ?? remove.error.value" unshown />
    <div class="row">
      <el-button type="primary" size="large" native-type="submit" :loading="keep.isPending.value">{{
        id > 0 ? 'Keep the changes' : 'Add the boat'
      }}</el-button>
      <RouterLink :to="id > 0 ? `/boats/${id}` : '/boats'">Leave it</RouterLink>
      <button v-if="id > 0" type="button" class="mini away" :disabled="remove.isPending.value" @click="remove.mutate()">
        {{ remove.isPending.value ? 'Removing …' : 'Remove this boat' }}
      </button>
    </div>
  </form>
</template>

<style scoped>
.form {
  max-width: 900px;
}

legend {
  font-weight: 600;
  float: left;
  width: 100px;
}

.months {
  gap: 4px;
}

.months .on {
  background: var(--green);
  color: #fff;
}

.away {
  margin-left: auto;
}
</style>

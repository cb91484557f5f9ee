<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { widths } from '@/shared/api/widths'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import LabelledField from '@/shared/ui/LabelledField.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BoatName from './BoatName.vue'
import JoinForm from './JoinForm.vue'
import { useRegisterChanged } from './useRig'

/** A customer: how to reach them, and their boats. */
const route = useRoute()
const router = useRouter()
const changed = useRegisterChanged()
const { mayWrite } = useSession()
const id = computed(() => Number(route.params['id']))
const { data, error, isPending } = useQuery({
  queryKey: computed(() => keys.customer(id.value)),
  queryFn: () => answered(api.GET('/api/customers/{id}', { params: { path: { id: id.value } } })),
  staleTime: 0,
})
const form = ref({ name: '', email: '', phone: '', version: 0 })
watch(
  data,
  (page) => {
    if (page && form.value.version === 0) {
      form.value = {
        name: page.customer.name,
        email: page.customer.email ?? '',
        phone: page.customer.phone ?? '',
        version: page.customer.version,
      }
    }
  },
  { immediate: true },
)
const keep = usePress({
  mutationFn: () => {
    const { name, email, phone, version } = form.value
    const nothing = (text: string): string | null => (text.trim() === '' ? null : text.trim())
    const body = { name, email: nothing(email), phone: nothing(phone), version }
    return answered(api.PUT('/api/customers/{id}', { params: { path: { id: id.value } }, body }))
  },
  onSuccess: async (kept) => {
    form.value.version = kept.version
    await changed()
  },
})
const remove = usePress({
  mutationFn: () => answered(api.DELETE('/api/customers/{id}', { params: { path: { id: id.value } } })),
  onSuccess: async () => {
    await changed()
    await router.push('/removed')
  },
})
const joining = ref(false)
async function joined(into: number): Promise<void> {
  joining.value = false
  await router.push(`/customers/${into}`)
  await changed()
}
const field = fieldsOf(keep.error)
</script>

<template>
  <el-skeleton v-if="isPending" :rows="4" />
  <ProblemNote v-else-if="error && !data" :error="error" />
  <div v-else-if="data" class="stack narrow">
    <h1>{{ data.customer.name }}</h1>
    <form class="panel stack" @submit.prevent="keep.mutate()">
      <LabelledField label="Name" for="customer-name" :error="field('/name')">
        <input
          id="customer-name"
          v-model="form.name"
          class="cell wide"
          required
          :maxlength="widths.NewCustomer.name"
          :readonly="!mayWrite"
        />
      </LabelledField>
      <LabelledField label="E-mail" for="customer-email" :error="field('/email')">
        <input
          id="customer-email"
          v-model="form.email"
          class="cell wide"
          :maxlength="widths.NewCustomer.email"
          :readonly="!mayWrite"
        />
      </LabelledField>
      <LabelledField label="Telephone" for="customer-phone" :error="field('/phone')">
        <input
          id="customer-phone"
          v-model="form.phone"
          class="cell wide"
          :maxlength="widths.NewCustomer.phone"
          :readonly="!mayWrite"
        />
      </LabelledField>
      <ProblemNote :error="keep.error.value ?? remove.error.value" unshown />
      <div v-if="mayWrite" class="row">
        <el-button type="primary" native-type="submit" :loading="keep.isPending.value">Keep the changes</el-button>
        <span v-if="keep.isSuccess.value" role="status">Kept.</span>
        <button type="button" class="mini" :disabled="remove.isPending.value" @click="remove.mutate()">
          {{ remove.isPending.value ? 'Removing …' : 'Remove this customer' }}
        </button>
        <button type="button" class="mini" @click="joining = true">Entered twice …</button>
      </div>
    </form>
    <section class="panel">
      <h2>Boats</h2>
      <p v-if="data.boats.length === 0" class="muted">None.</p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="boat in data.boats" :key="boat.boatId">
            <td><BoatName :boat="boat" /></td>
            <td>{{ boat.registration }}</td>
            <td>{{ boat.engines.join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <JoinForm
      v-if="joining"
      :customer="data.customer"
      :boats="data.boats.map((boat) => boat.name)"
      @close="joining = false"
      @joined="joined"
    />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 760px;
}
</style>

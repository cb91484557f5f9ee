<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useRemembered } from '@/shared/remembered'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { moneyText } from '@/shared/units'
import PartPanel from './PartPanel.vue'
import PartsFiles from './PartsFiles.vue'
import PartsNav from './PartsNav.vue'

const text = useRemembered('text', '')
const asked = useRoute().query['part']
const chosen = useRemembered<string | null>('part', typeof asked === 'string' ? asked : null)
if (typeof asked === 'string' && text.value === '') {
  text.value = asked
}
const adding = ref(false)
const { account } = useSession()
const { shop } = useShop()
const mayChange = computed(() => account.value?.role === 'parts' || account.value?.role === 'manager')
const { data, error, isPending } = useQuery({
  queryKey: computed(() => keys.catalogue(text.value.trim())),
  queryFn: ({ signal }) => answered(api.GET('/api/catalogue', { params: { query: { q: text.value.trim() } }, signal })),
  placeholderData: (before) => before,
})
function open(number: string | null): void {
  adding.value = number === null
  chosen.value = number
}
</script>

<template>
  <div class="stack">
    <h1>Parts catalogue</h1>
    <PartsNav />
    <div class="two">
      <section class="panel" aria-label="Parts">
        <div class="row spread">
          <input
            v-model="text"
            class="cell find"
            type="search"
            aria-label="Find a part"
            placeholder="number or description"
          />
          <button v-if="mayChange" type="button" class="mini" @click="open(null)">Add a part</button>
        </div>
        <el-skeleton v-if="isPending" :rows="6" />
        <ProblemNote v-else-if="error && !data" :error="error" />
        <p v-else-if="data?.parts.length === 0" class="muted">No part begins with “{{ text }}”.</p>
        <table v-else-if="data" class="plain">
          <thead>
            <tr>
              <th>Number</th>
              <th>Description</th>
              <th>Bin</th>
              <th class="number">In stock</th>
              <th class="number">Price{{ shop ? `, ${shop.currency}` : '' }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="part in data.parts" :key="part.number" :class="{ here: part.number === chosen }">
              <td>
                <button type="button" class="link" @click="open(part.number)">{{ part.number }}</button>
              </td>
              <td>
                {{ part.description }}
                <span v-if="part.supersededBy" class="mark-word ask">now {{ part.supersededBy }}</span>
                <span v-if="part.kit.length" class="mark-word good">kit of {{ part.kit.length }}</span>
                <span v-if="part.origin === 'other'" class="mark-word">{{ part.maker }}</span>
              </td>
              <td>{{ part.bin }}</td>
              <td class="number">{{ part.inStock }}</td>
              <td class="number">{{ moneyText(part.priceMinor) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="data && data.parts.length === data.most" class="muted small">
          The first {{ data.most }}: type more of the number.
        </p>
      </section>
      <div class="stack">
        <PartPanel
          v-if="chosen || adding"
          :key="chosen ?? 'new'"
          :number="chosen"
          :may-change="mayChange"
          @open="open"
        />
        <p v-else class="panel muted">Choose a part to see what it leads to, and which kits hold it.</p>
        <PartsFiles :may-change="mayChange" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 430px;
  gap: 14px;
  align-items: start;
}

.find {
  width: 280px;
}

.link {
  font: inherit;
  font-weight: 700;
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
  white-space: nowrap;
}

tr.here {
  background: var(--green-tint);
}
</style>

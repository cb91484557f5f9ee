<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Oil } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import OilForm from './OilForm.vue'
import ShopNav from './ShopNav.vue'
import { priceText, volumeText } from './oils'

/** Oils, gear lubricants and greases on the shelf, a row for each size of container. */
const { account } = useSession()
const { shop } = useShop()
const mayKeep = computed(() => account.value?.role === 'parts' || account.value?.role === 'manager')
const { data, error, isPending } = useQuery({
  queryKey: keys.oils,
  queryFn: () => answered(api.GET('/api/oils')),
  staleTime: 0,
})
/** The row that is open; 'new': another one. */
const open = ref<Oil | 'new' | null>(null)
</script>

<template>
  <div class="stack">
    <ShopNav />
    <div class="row spread">
      <h1>Oils and containers</h1>
      <el-button v-if="mayKeep" type="primary" @click="open = 'new'">Another oil</el-button>
    </div>
    <p class="muted">
      An order takes the containers that cost least, opened ones first. Each size of each product is a row of its own.
      {{ mayKeep ? '' : 'The parts counter keeps them.' }}
    </p>
    <el-skeleton v-if="isPending" :rows="6" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <p v-else-if="data && data.oils.length === 0" class="panel">
      No oil is on the shelf. Until one is, no order can say which to take.
    </p>
    <div v-else-if="data" class="panel">
      <table class="plain">
        <thead>
          <tr>
            <th>Product</th>
            <th>Grade and class</th>
            <th class="number">Container</th>
            <th class="number">Price, {{ shop?.currency }}</th>
            <th class="number">Unopened</th>
            <th class="number">In the opened one</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="oil in data.oils" :key="oil.id">
            <td>{{ oil.product }}</td>
            <td>{{ oil.grade }} · {{ oil.performanceClass }}</td>
            <td class="number">{{ volumeText(oil.size) }}</td>
            <td class="number">{{ priceText(oil.priceMinor) }}</td>
            <td class="number">{{ oil.inStock ?? 'not counted' }}</td>
            <td class="number">{{ oil.opened ? volumeText(oil.opened) : 'none' }}</td>
            <td>
              <button
                v-if="mayKeep"
                type="button"
                class="mini"
                :aria-label="`Change ${oil.product}, ${volumeText(oil.size)}`"
                @click="open = oil"
              >
                Change
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <OilForm v-if="open" :oil="open === 'new' ? null : open" @close="open = null" />
  </div>
</template>

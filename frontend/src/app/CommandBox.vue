<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useShortcut } from '@/shared/keyboard'
import { statusWords } from '@/shared/words'

const router = useRouter()
const input = useTemplateRef<HTMLInputElement>('input')
const text = ref('')
const open = ref(false)
const chosen = ref(0)

useShortcut('/', () => input.value?.focus())

const { data, isFetching, isPlaceholderData } = useQuery({
  queryKey: computed(() => keys.search(text.value.trim())),
  queryFn: ({ signal }) => answered(api.GET('/api/search', { params: { query: { q: text.value.trim() } }, signal })),
  enabled: computed(() => text.value.trim() !== ''),
  placeholderData: (before) => before,
})

const hits = computed(() =>
  text.value.trim() === ''
    ? []
    : [
        ...(data.value?.orders ?? []).map((order) => ({
          key: `o${order.number}`,
          to: `/orders/${order.number}`,
          name: `Order ${order.number} · ${order.boat}`,
          more: statusWords[order.status],
        })),
        ...(data.value?.boats ?? []).flatMap((boat) => [
          {
            key: `b${boat.boatId}`,
            to: `/boats/${boat.boatId}`,
            name: `${boat.name} · ${boat.customer}`,
            more: `${boat.registration} · ${boat.engines.join(', ')}`,
          },
          ...(boat.openOrder === null
            ? []
            : [
                {
                  key: `i${boat.boatId}`,
                  to: `/orders/${boat.openOrder}`,
                  name: `Go to order ${boat.openOrder}`,
                  more: `${boat.name} is in`,
                },
              ]),
        ]),
        ...(data.value?.engines ?? []).map((engine) => ({
          key: `e${engine.id}`,
          to: `/engines/${engine.id}/log`,
          name: `${engine.model} ${engine.serial}`,
          more: 'in store, on no boat',
        })),
        ...(data.value?.customers ?? []).map((customer) => ({
          key: `c${customer.id}`,
          to: `/customers/${customer.id}`,
          name: customer.name,
          more: ['customer', customer.phone, customer.email].filter((each) => each !== null).join(' · '),
        })),
        ...(data.value?.parts ?? []).map((part) => ({
          key: `p${part.number}`,
          to: `/parts/catalogue?part=${encodeURIComponent(part.number)}`,
          name: `${part.number} · ${part.description}`,
          more: `part, ${part.inStock} in stock, bin ${part.bin}`,
        })),
      ],
)
/** Enter pressed before the answer to what is typed has come: it counts for that answer, never for an older one. */
const waiting = ref(false)
const isFresh = computed(() => !isFetching.value && !isPlaceholderData.value)
watch(hits, () => (chosen.value = 0))
watch(text, () => (waiting.value = false))
watch(isFresh, async (fresh) => {
  if (fresh && waiting.value) {
    waiting.value = false
    await go(hits.value[0]?.to)
  }
})

async function enter(): Promise<void> {
  if (isFresh.value) {
    await go(hits.value[chosen.value]?.to)
  } else {
    waiting.value = true
  }
}

function step(by: number): void {
  chosen.value = Math.max(0, Math.min(hits.value.length - 1, chosen.value + by))
}

async function go(to: string | undefined): Promise<void> {
  if (to !== undefined) {
    text.value = ''
    open.value = false
    input.value?.blur()
    await router.push(to)
  }
}

/** After the press on what was found; whoever is back in the box by then has not left it. */
function leave(): void {
  setTimeout(() => (open.value = document.activeElement === input.value), 150)
}
</script>

<template>
  <div class="box" role="search">
    <kbd aria-hidden="true">/</kbd>
    <input
      ref="input"
      v-model="text"
      type="text"
      role="combobox"
      placeholder="boat, owner, serial, phone, part, #order …"
      aria-label="Find a boat, owner, serial number, order, part or phone"
      aria-controls="hits"
      :aria-expanded="open && hits.length > 0"
      :aria-activedescendant="open && hits.length > 0 ? `hit-${chosen}` : undefined"
      autocomplete="off"
      @focus="open = true"
      @blur="leave"
      @keydown.down.prevent="step(1)"
      @keydown.up.prevent="step(-1)"
      @keydown.enter.prevent="enter"
      @keydown.esc="input?.blur()"
    />
    <ul v-if="open && text.trim() !== ''" id="hits" role="listbox" aria-label="Found">
      <li
        v-for="(hit, index) in hits"
        :id="`hit-${index}`"
        :key="hit.key"
        role="option"
        :aria-selected="index === chosen"
        @mousedown.prevent="go(hit.to)"
      >
        <strong>{{ hit.name }}</strong>
        <span class="muted small">{{ hit.more }}</span>
      </li>
      <li v-if="hits.length === 0 && isFresh" role="option" aria-selected="false" class="muted">
        Nothing found for “{{ text.trim() }}”.
      </li>
      <li v-if="(data?.more ?? 0) > 0" role="presentation" class="muted small">
        {{ data?.more }} more: type another word of it.
      </li>
    </ul>
  </div>
</template>

<style scoped>
.box {
  position: relative;
  display: flex;
  align-items: center;
  gap: 8px;
  width: 380px;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
  padding: 0 10px;
}

input {
  font: inherit;
  border: 0;
  background: none;
  flex: 1;
  height: 32px;
  color: var(--ink);
  outline: none;
}

.box:focus-within {
  outline: 3px solid var(--brass-fill);
}

ul {
  position: absolute;
  top: 100%;
  left: -1px;
  right: -1px;
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
  background: var(--panel);
  border: 1px solid var(--field-line);
  z-index: 50;
}

li {
  display: flex;
  flex-direction: column;
  padding: 7px 12px;
  cursor: pointer;
}

li[aria-selected='true'] {
  background: var(--green-tint);
}
</style>

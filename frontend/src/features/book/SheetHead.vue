<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { SheetPage } from '@/shared/api/types'
import StatusMark from './StatusMark.vue'

/** Which engines the sheet is for, which revision this is, and how it got here. */
const props = defineProps<{ page: SheetPage }>()
const router = useRouter()
const other = ref('')

async function compare(): Promise<void> {
  const [older, newer] = [Number(other.value), props.page.revision].sort((a, b) => a - b)
  await router.push({ path: `/book/sheets/${props.page.id}/comparison`, query: { older, newer } })
}
</script>

<template>
  <div>
    <p class="small"><RouterLink to="/book">Spec book</RouterLink></p>
    <div class="row spread">
      <h1>
        {{ page.family ? `${page.maker}, family sheet` : `${page.maker} ${page.models.join(', ')}` }}
        <StatusMark :status="page.status" />
      </h1>
      <span class="row small">
        <a :href="`/api/book/sheets/${page.id}/${page.revision}/document.json`" download>Sheet (JSON)</a>
        <a :href="`/api/book/sheets/${page.id}/${page.revision}/schedule.csv`" download>Schedule (CSV)</a>
        <form v-if="page.revisions.length > 1" class="row" @submit.prevent="compare">
          <select v-model="other" class="cell" aria-label="Compare with revision" required>
            <option value="" disabled>compare with…</option>
            <option
              v-for="line in page.revisions.filter((each) => each.revision !== page.revision)"
              :key="line.revision"
              :value="line.revision"
            >
              rev. {{ line.revision }}, {{ line.status }}
            </option>
          </select>
          <button type="submit" class="mini">Compare</button>
        </form>
      </span>
    </div>
    <p>
      <strong>{{ page.id }} rev. {{ page.revision }}</strong>
      <template v-if="!page.family"> · serial numbers {{ page.ranges.join(', ') }}</template>
      <template v-if="page.years"> · years {{ page.years }}</template>
      <template v-if="page.gearcases.length"> · gearcase {{ page.gearcases.join(', ') }}</template>
      <template v-if="page.base"> · on {{ page.base }}</template>
      <span class="muted">
        · by {{ page.author }}{{ page.reviewer ? `, reviewed by ${page.reviewer}` : ', not reviewed yet' }}</span
      >
    </p>
    <p v-if="page.note" class="band">{{ page.note }}</p>
    <p v-for="doubt in page.doubts" :key="doubt" class="band">In doubt: {{ doubt }}</p>
  </div>
</template>

<style scoped>
h1 {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>

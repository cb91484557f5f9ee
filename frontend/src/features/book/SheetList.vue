<script setup lang="ts">
import type { Book } from '@/shared/api/types'
import StatusMark from './StatusMark.vue'

defineProps<{ sheets: Book['sheets'] }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <section class="panel" aria-labelledby="sheets">
    <div class="row spread">
      <h2 id="sheets">
        Sheets <span class="muted">{{ sheets.length }}</span>
      </h2>
      <input v-model="text" class="cell" type="search" aria-label="Find a sheet" placeholder="model, maker or sheet" />
    </div>
    <p v-if="sheets.length === 0" class="muted">No sheet begins with “{{ text }}”.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>For</th>
          <th>Serial numbers</th>
          <th>Only</th>
          <th>Sheet</th>
          <th>Status</th>
          <th>Author, reviewer</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="sheet in sheets" :key="`${sheet.id}${sheet.revision}`">
          <td>
            <strong>{{ sheet.family ? 'family' : sheet.models.join(', ') }}</strong>{{ ' '
            }}<span class="muted">{{ sheet.maker }}</span>
          </td>
          <td>{{ sheet.ranges.join(', ') }}</td>
          <td>
            {{
              [
                sheet.years ? `years ${sheet.years}` : '',
                sheet.gearcases.length ? `gearcase ${sheet.gearcases.join(', ')}` : '',
              ]
                .filter(Boolean)
                .join('; ')
            }}
          </td>
          <td>
            <RouterLink :to="`/book/sheets/${sheet.id}/${sheet.revision}`"
              >{{ sheet.id }} rev. {{ sheet.revision }}</RouterLink
            >
            <span v-if="sheet.base" class="muted small"> on {{ sheet.base }}</span>
          </td>
          <td><StatusMark :status="sheet.status" /></td>
          <td class="muted small">{{ [sheet.author, sheet.reviewer].filter(Boolean).join(', ') }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<script setup lang="ts">
import type { Publication } from '@/shared/api/types'

defineProps<{ ranges: Publication['ranges'] }>()
</script>

<template>
  <section class="panel">
    <h2>
      Claimed twice <span class="muted">{{ ranges.overlaps.length }}</span>
    </h2>
    <p v-if="ranges.overlaps.length === 0" class="muted">None.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>Model</th>
          <th>Serial numbers</th>
          <th>By</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="overlap in ranges.overlaps" :key="`${overlap.model}${overlap.serials}`">
          <td>
            <strong>{{ overlap.model }}</strong>
          </td>
          <td><span class="mark-word alarm">overlap</span> {{ overlap.serials }}</td>
          <td>{{ overlap.one }} and {{ overlap.other }}</td>
        </tr>
      </tbody>
    </table>
  </section>
  <section class="panel">
    <h2>
      Claimed by none <span class="muted">{{ ranges.gaps.length }}</span>
    </h2>
    <p v-if="ranges.gaps.length === 0" class="muted">None between the first and the last of a prefix.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>Model</th>
          <th>Serial numbers</th>
          <th>Between</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="gap in ranges.gaps" :key="`${gap.model}${gap.serials}${gap.only}`">
          <td>
            <strong>{{ gap.model }}</strong>
          </td>
          <td><span class="mark-word ask">gap</span> {{ gap.serials }}{{ gap.only ? `, ${gap.only}` : '' }}</td>
          <td>{{ gap.before === gap.after ? `two ranges of ${gap.before}` : `${gap.before} and ${gap.after}` }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<script setup lang="ts">
import type { Draft, Kit, WorkSketch } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { dayText, priceText } from '@/shared/units'

/** What is fetched, in the order in which it is needed, and the kits that would take the place of loose pieces. */
const props = defineProps<{ work: WorkSketch; draft: Draft | null }>()
const emit = defineEmits<{ change: [part: Partial<Draft>] }>()

function take(kit: Kit, taken: boolean): void {
  const others = (props.draft?.kits ?? []).filter((number) => number !== kit.number)
  emit('change', { kits: taken ? [...others, kit.number] : others })
}
const pieces = (list: Kit['covers']): string => list.map((piece) => `${piece.count} × ${piece.number}`).join(', ')
const money = (kit: Kit): string => {
  const saved = kit.looseMinor - kit.priceMinor
  const against = saved > 0 ? `${priceText(saved)} less than its pieces` : `${priceText(-saved)} more than its pieces`
  return `${priceText(kit.priceMinor)}, ${against}`
}
</script>

<template>
  <div v-for="kit in work.kits" :key="kit.number" class="band row spread kit" :class="{ fine: kit.taken }">
    <span>
      <strong>{{ kit.taken ? 'Taken:' : 'A kit would do:' }} {{ kit.count }} × {{ kit.number }}</strong>
      {{ kit.description }}, {{ money(kit) }}. {{ kit.why }} In place of {{ pieces(kit.covers)
      }}{{ kit.leavesOver.length > 0 ? `; left over: ${pieces(kit.leavesOver)}` : '; nothing is left over' }}.
    </span>
    <el-button v-if="draft" size="small" @click="take(kit, !kit.taken)">{{
      kit.taken ? 'Take the loose pieces' : 'Take the kit'
    }}</el-button>
  </div>
  <p v-if="work.parts.length === 0" class="muted">This order uses no parts.</p>
  <table v-else class="plain">
    <thead>
      <tr>
        <th>Number</th>
        <th>Part</th>
        <th>For</th>
        <th>Bin</th>
        <th class="number">How many</th>
        <th class="number">In stock</th>
        <th></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="part in work.parts" :key="part.number">
        <td>
          <span v-if="part.instead.length > 0" class="small"
            ><s>{{ part.instead.join(' → ') }}</s> →
          </span>
          <strong>{{ part.number }}</strong>
          <span v-if="part.standsFor" class="small other"><br />not the maker’s: for {{ part.standsFor }}</span>
        </td>
        <td>
          {{ part.description ?? 'not in the catalogue' }}
          <span v-if="part.singleUse" class="muted small">· single use</span>
          <span v-if="part.atHand" class="muted small">· laid out, fitted if needed</span>
        </td>
        <td>{{ part.positions.join(', ') }}</td>
        <td>{{ part.bin ?? '–' }}</td>
        <td class="number">
          <strong>{{ part.count }}</strong>
        </td>
        <td class="number" :class="{ short: part.short > 0 }">
          {{ part.inStock ?? '–' }}{{ part.short > 0 ? `, ${part.short} short` : '' }}
          <span v-if="part.arrivesOn" class="small due"><br />expected {{ dayText(part.arrivesOn) }}</span>
        </td>
        <td><WhyButton :about="part.number" :text="part.why" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.short {
  color: var(--red);
  font-weight: 700;
}

.other {
  color: var(--brass);
}

.due {
  color: var(--ink);
  font-weight: 400;
}

.kit {
  margin-bottom: 8px;
  flex-wrap: nowrap;
}
</style>

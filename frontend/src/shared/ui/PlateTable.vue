<script setup lang="ts">
import { computed } from 'vue'
import type { WorkEngine } from '@/shared/api/types'
import { plateOf, type PlateRow } from '@/shared/plate'

/** All figures of an order on one screen; where every engine has the same, it stands once. */
const props = defineProps<{ engines: WorkEngine[] }>()
const groups = computed(() => plateOf(props.engines))

function shown(row: PlateRow): PlateRow['texts'] {
  const same = new Set(row.texts.map((each) => each.text)).size === 1
  return same ? row.texts.slice(0, 1).map((each) => ({ ...each, engine: '' })) : row.texts
}
</script>

<template>
  <div class="plate" tabindex="0" role="region" aria-label="Plate of figures">
    <section v-for="group in groups" :key="group.name">
      <h3>{{ group.name }}</h3>
      <dl>
        <template v-for="row in group.rows" :key="row.path">
          <dt>{{ row.label }}</dt>
          <dd>
            <div v-for="each in shown(row)" :key="each.engine" :title="each.source ?? ''">
              <span v-if="each.engine" class="muted small">{{ each.engine }} </span>
              <strong v-if="each.text !== null">{{ each.text }}</strong>
              <span v-else class="hole">not known</span>
              <span v-if="each.detail" class="muted detail">{{ each.detail }}</span>
            </div>
          </dd>
        </template>
      </dl>
    </section>
    <p class="muted small last">The maker’s manual comes first. A figure’s source shows when one points at it.</p>
  </div>
</template>

<style scoped>
.plate {
  columns: 2 380px;
  column-gap: 28px;
}

section {
  break-inside: avoid-column;
  margin-bottom: 10px;
}

h3 {
  margin: 0 0 2px;
  border-bottom: 2px solid var(--green);
}

dl {
  display: grid;
  grid-template-columns: minmax(120px, 2fr) 3fr;
  margin: 0;
}

dt,
dd {
  margin: 0;
  padding: 2px 0;
  border-bottom: 1px solid var(--line);
}

dd strong {
  font-size: 1.15em;
}

.detail {
  margin-left: 6px;
  font-size: 0.85em;
}

.hole {
  color: var(--red);
  border: 1px dashed var(--red);
  padding: 0 4px;
}
</style>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { LogLine } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText, momentText } from '@/shared/units'
import { actionWords } from '@/shared/words'

/** One line of the log; what was taken back is struck through, with who, when and why. */
const props = defineProps<{ line: LogLine; engineId: number; may: boolean }>()
const emit = defineEmits<{ take: [] }>()
const queries = useQueryClient()
const { mayWrite, personOf } = useSession()
const { timeZone } = useShop()
const restore = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/engines/{id}/log/{kind}/{line}/bringing-back', {
        params: { path: { id: props.engineId, kind: props.line.kind, line: props.line.id } },
      }),
    ),
  onSuccess: (log) => {
    queries.setQueryData(keys.engineLog(props.engineId), log)
  },
})
</script>

<template>
  <tr :class="{ struck: line.strike }">
    <td class="nowrap">{{ dayText(line.content.on) }}</td>
    <template v-if="line.kind === 'reading'">
      <td class="number figure">{{ line.content.hours }} h</td>
      <td class="muted small">{{ line.content.sourceLabel }}{{ line.by ? `, ${personOf(line.by)}` : '' }}</td>
    </template>
    <template v-else>
      <td>
        <strong class="figure">{{ line.content.title }}</strong>
        <span v-if="line.kind === 'declined'" class="mark-word ask">declined</span>
        <span v-else class="muted small">&nbsp;{{ actionWords[line.content.action] }}</span>
      </td>
      <td class="muted">
        {{ line.kind === 'done' && line.content.hours ? `${line.content.hours} h · ` : ''
        }}{{ line.kind === 'done' ? line.content.evidence : line.content.note }}
        <span v-if="line.kind === 'done' && line.content.elsewhere" class="mark-word ask">elsewhere</span>
      </td>
    </template>
    <td class="number">
      <button
        v-if="line.strike && mayWrite"
        type="button"
        class="mini"
        :disabled="restore.isPending.value"
        @click="restore.mutate()"
      >
        {{ restore.isPending.value ? 'Bringing back …' : 'Bring it back' }}
      </button>
      <button
        v-else-if="may && !line.strike"
        type="button"
        class="mini"
        :aria-label="`${line.kind === 'reading' ? 'Correct' : 'Take back'}: ${dayText(line.content.on)}`"
        @click="emit('take')"
      >
        {{ line.kind === 'reading' ? 'Correct …' : 'Take back …' }}
      </button>
    </td>
  </tr>
  <tr v-if="line.strike">
    <td></td>
    <td colspan="3" class="small said">
      Taken back by {{ personOf(line.strike.by) }}, {{ momentText(line.strike.at, timeZone) }}: {{ line.strike.why }}
      <ProblemNote :error="restore.error.value" />
    </td>
  </tr>
</template>

<style scoped>
.nowrap,
.number,
.mini {
  white-space: nowrap;
}

.struck .figure,
.struck .nowrap {
  text-decoration: line-through;
}

.said {
  color: var(--brass);
}
</style>

<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useHandOver, useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useWording, wordings } from './wording'

/** The tablet changes hands: who takes it, and their four digits. */
const emit = defineEmits<{ cancel: [] }>()
const { account, people } = useSession()
const { shop } = useShop()
const { mutate, error, isPending, reset } = useHandOver()

const { wording, choose: read } = useWording()

const DIGITS = 4
const others = computed(() => people.value.filter((each) => each.pin && each.username !== account.value?.username))
const who = ref<string | null>(null)
const name = computed(() => others.value.find((each) => each.username === who.value)?.name ?? '')
const digits = ref('')

function choose(username: string): void {
  who.value = username
  digits.value = ''
  reset()
}
function press(digit: string): void {
  if (digits.value.length < DIGITS && !isPending.value) {
    digits.value += digit
  }
}
/** Digits of the keyboard are keys as well. */
function onKey(event: KeyboardEvent): void {
  if (/^\d$/.test(event.key)) {
    press(event.key)
  } else if (event.key === 'Backspace') {
    digits.value = digits.value.slice(0, -1)
  }
}
watch(digits, (typed) => {
  if (typed.length === DIGITS && who.value !== null) {
    mutate({ username: who.value, pin: typed }, { onSuccess: () => emit('cancel'), onError: () => (digits.value = '') })
  }
})
</script>

<template>
  <section class="hands" aria-label="The tablet changes hands" @keydown="onKey">
    <h1>{{ who === null ? 'Who takes this tablet?' : `${name}: your PIN` }}</h1>
    <p v-if="others.length === 0" class="band">
      Nobody else has a PIN yet. Each sets their own: sign in with the password, then “PIN” below your name.
    </p>
    <div class="row people" role="radiogroup" aria-label="Who takes it">
      <button
        v-for="person in others"
        :key="person.username"
        type="button"
        role="radio"
        class="big"
        :class="{ on: who === person.username }"
        :aria-checked="who === person.username"
        @click="choose(person.username)"
      >
        {{ person.name }}
      </button>
    </div>
    <template v-if="who !== null">
      <p class="typed" role="status" :aria-label="`${digits.length} of ${DIGITS} digits`">
        <span v-for="place in DIGITS" :key="place" class="dot" :class="{ set: digits.length >= place }" />
      </p>
      <ProblemNote :error="error" />
      <div class="keys">
        <button
          v-for="digit in ['1', '2', '3', '4', '5', '6', '7', '8', '9']"
          :key="digit"
          type="button"
          class="big"
          @click="press(digit)"
        >
          {{ digit }}
        </button>
        <button type="button" class="big" aria-label="Delete the last digit" @click="digits = digits.slice(0, -1)">
          ⌫
        </button>
        <button type="button" class="big" @click="press('0')">0</button>
      </div>
      <p v-if="shop?.demoPin" class="muted">In this demo everybody’s PIN is {{ shop.demoPin }}.</p>
    </template>
    <p class="muted">
      By PIN one works at the bench. What a lead or a manager decides is done after signing in with the password.
    </p>
    <fieldset class="wording">
      <legend>How much {{ account?.name }} wants to read</legend>
      <div class="row" role="radiogroup" aria-label="Wording">
        <button
          v-for="(_, each) in wordings"
          :key="each"
          type="button"
          role="radio"
          class="big"
          :class="{ on: wording === each }"
          :aria-checked="wording === each"
          @click="read(each)"
        >
          {{ each }}
        </button>
      </div>
      <p class="muted">{{ wording }}: {{ wordings[wording] }}. Figures and warnings always stand there.</p>
    </fieldset>
    <div class="row">
      <button type="button" class="big" @click="emit('cancel')">Leave it with {{ account?.name }}</button>
    </div>
  </section>
</template>

<style scoped>
.hands {
  flex: 1;
  overflow: auto;
  padding: 16px 20px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.people {
  flex-wrap: wrap;
  gap: 8px;
}

.typed {
  display: flex;
  gap: 12px;
}

.dot {
  width: 22px;
  height: 22px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}

.dot.set {
  background: var(--ink);
}

.wording {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px 12px;
}

.wording .row {
  flex-wrap: wrap;
  gap: 8px;
}

.keys {
  display: grid;
  grid-template-columns: repeat(3, 96px);
  gap: 8px;
}

.keys .big {
  min-height: 60px;
  padding: 0;
}
</style>

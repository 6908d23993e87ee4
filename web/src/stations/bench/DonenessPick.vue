<script setup lang="ts">
import { vRadios } from '../../composables/radios'
import { computed, nextTick, ref } from 'vue'
import type { Doneness, Parasites } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { TARGETS } from '../../messages/labels'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import AlternativesDialog from './AlternativesDialog.vue'

/** What done means: the target, what was done about parasites where it is under-done, and who eats it. */
const bench = useBench()
const units = useUnits()
const targets = Object.entries(TARGETS).map(([value, words]) => ({ value: value as Doneness, words }))
const comparing = ref(false)
const asked = ref<Doneness | null>(null)
const unknown = ref(false)
const question = ref<HTMLFieldSetElement>()
const entry = (doneness: Doneness) => bench.catalogue?.targets.find((t) => t.doneness === doneness)

/** Under-done fish is offered once it is said what was done about parasites. */
function aim(doneness: Doneness) {
  unknown.value = false
  asked.value = bench.offered(doneness) ? null : doneness
  if (!asked.value) bench.change({ doneness })
  else void nextTick(() => question.value?.scrollIntoView({ block: 'nearest' }))
}
function vouch(parasites: Parasites) {
  unknown.value = parasites === 'UNKNOWN'
  if (unknown.value || !asked.value) return
  bench.change({ parasites, doneness: asked.value })
  asked.value = null
}

const target = computed(() => bench.catalogue?.targets.find((t) => t.doneness === bench.on.doneness))
</script>

<template>
  <div>
    <h2 class="dressed">
      <span>
        {{ t('ui.piece.done') }}
        <template v-if="target">{{ target.words.toLowerCase() }}, {{ units.degrees(target.peakC) }}</template>
      </span>
      <button class="quiet-action" @click="comparing = true">{{ t('ui.piece.compare') }}</button>
    </h2>
    <div v-radios class="targets" role="radiogroup" :aria-label="t('ui.piece.done-means')">
      <button
        v-for="choice in targets"
        :key="choice.value"
        role="radio"
        :aria-checked="bench.on.doneness === choice.value"
        :disabled="bench.on.atRisk && entry(choice.value)?.belowOfficial"
        :style="{ background: fleshColour(entry(choice.value)?.peakC ?? 50) }"
        @click="aim(choice.value)"
      >
        {{ choice.words }}
      </button>
    </div>
    <fieldset v-if="asked" ref="question" class="asked">
      <legend>{{ t('ui.piece.before-it-is-served-what', { target: TARGETS[asked] }) }}</legend>
      <button
        v-for="answer in bench.catalogue?.parasites"
        :key="answer.parasites"
        @click="vouch(answer.parasites)"
      >
        {{ answer.words }}
      </button>
      <p v-if="unknown" role="status">{{ t('ui.piece.then-not-below-flakes') }}</p>
    </fieldset>
    <p v-if="bench.refusal('parasites') || bench.refusal('doneness')" class="wrong" role="alert">
      {{ bench.refusal('parasites') ?? bench.refusal('doneness') }}
    </p>
    <label class="risk">
      <input
        type="checkbox"
        :checked="bench.on.atRisk"
        @change="bench.setAtRisk(($event.target as HTMLInputElement).checked)"
      />
      <span
        >{{ t('ui.piece.guests-at-risk') }}
        <small>{{ t('ui.piece.pregnant-very-young-old-ill') }}</small></span
      >
    </label>
    <AlternativesDialog v-if="comparing" v-model="comparing" />
  </div>
</template>

<style scoped>
.targets {
  display: grid;
  grid-template-columns: repeat(5, auto);
  border-radius: 4px;
  overflow: hidden;
}
.targets button {
  min-height: 44px;
  padding: 0;
  border: 3px solid transparent;
  color: var(--ink);
  font-size: 13px;
}
.targets button:disabled {
  color: #6b6f6c;
  text-decoration: line-through;
}
.asked {
  margin: 6px 0 0;
  padding: 6px 0 0 8px;
  border: 0;
  border-left: 3px solid var(--ember);
  font-size: 14px;
}
.asked legend {
  float: left;
  margin-bottom: 4px;
}
.asked button {
  clear: left;
  display: block;
  width: 100%;
  min-height: 44px;
  margin-bottom: 4px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: #fff;
  text-align: left;
}
.asked p {
  margin: 0;
}
.risk {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  line-height: 1.15;
}
.risk input {
  width: 20px;
  height: 20px;
  accent-color: var(--clay);
}
.risk small {
  display: block;
  color: var(--ink-soft);
}
.targets button[aria-checked='true'] {
  border-color: var(--clay);
  font-weight: 700;
}
</style>

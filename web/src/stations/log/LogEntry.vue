<script setup lang="ts">
import { computed } from 'vue'
import { api } from '../../api/client'
import type { LogLine } from '../../api/types'
import { VERDICTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { clock, day } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import BakeBarOfLog from './BakeBarOfLog.vue'
import { fishName } from './bakeFacts'

/** A bake as it went: what it was, predicted and actual side by side, and how it was. */
const props = defineProps<{
  bake: LogLine
  /** How many minutes the drawing has room for; the same for all of the log. */
  longest: number
  /** Another is chosen, and this one may be laid beside it. */
  besides: boolean
}>()
defineEmits<{ again: []; reopen: []; beside: [] }>()

const bench = useBench()
const units = useUnits()
const fish = computed(
  () => props.bake.question.piece.ownName ?? fishName(props.bake.question.piece.species, bench.catalogue),
)
</script>

<template>
  <li>
    <p class="when">
      <b>{{ day(new Date(bake.startedAt)) }}</b>
      {{ clock(new Date(bake.startedAt)) }}
    </p>
    <div class="what">
      <h2>
        <RouterLink :to="`/log/${bake.id}`">{{ bake.title }}</RouterLink>
      </h2>
      <p>
        {{
          t('ui.log.at', {
            bake: fish,
            thickness: units.amount('length', bake.thicknessMm),
            ovenName: bake.ovenName,
            dial: units.dial(bake.dialC),
          })
        }}
      </p>
      <p v-if="bake.note" class="note">“{{ bake.note }}”</p>
      <img
        v-if="bake.hasPhoto"
        :src="api.smallPhoto(bake.id)"
        loading="lazy"
        :alt="t('ui.log.as-it-was-served', { title: bake.title })"
      />
    </div>
    <BakeBarOfLog :bake="bake" :longest="longest" />
    <p class="verdict" :class="bake.verdict?.toLowerCase()">
      <b>{{ bake.verdict ? VERDICTS[bake.verdict] : t('ui.log.forgotten') }}</b>
      <span v-if="bake.probeC !== undefined">{{
        t('ui.log.probe', { probe: units.degrees(bake.probeC) })
      }}</span>
    </p>
    <p class="doing">
      <button v-if="besides" class="quiet-action" @click="$emit('beside')">
        {{ t('ui.log.beside-this') }}
      </button>
      <button v-else class="quiet-action" @click="$emit('again')">{{ t('ui.log.again-tonight') }}</button>
      <button v-if="!bake.verdict && !besides" class="quiet-action" @click="$emit('reopen')">
        {{ t('ui.log.open-it-again') }}
      </button>
    </p>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) 280px 104px 150px;
  align-items: center;
  gap: 0 18px;
  padding: 11px 0;
  border-top: 1px solid var(--rule);
}
.when {
  margin: 0;
  color: var(--ink-soft);
  font-size: 15px;
}
.when b {
  display: block;
  color: var(--ink);
}
h2 {
  margin: 0;
  font-size: 18px;
}
h2 a {
  color: inherit;
  text-decoration: none;
}
h2 a:hover {
  text-decoration: underline;
}
.what p {
  margin: 1px 0 0;
  color: var(--ink-soft);
  font-size: 15px;
}
.what .note {
  color: var(--ink);
}
.what img {
  display: block;
  width: 120px;
  height: 80px;
  margin-top: 6px;
  object-fit: cover;
}
.right {
  color: var(--kelp);
}
.under {
  color: var(--brine);
}
.over {
  color: var(--ember-text);
}
.verdict,
.doing {
  margin: 0;
}
.verdict b {
  display: block;
  font-size: 17px;
}
.verdict span {
  color: var(--ink-soft);
  font-size: 15px;
}
.quiet-action {
  padding: 0;
  text-align: left;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 1fr auto;
    gap: 4px 14px;
  }
  .when b {
    display: inline;
  }
  .when,
  .what,
  figure {
    grid-column: 1 / 3;
  }
}
</style>

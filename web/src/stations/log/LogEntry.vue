<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { computed } from 'vue'
import { api } from '../../api/client'
import type { LogLine } from '../../api/types'
import { scale } from '../../drawing/scale'
import { VERDICTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { clock, day, minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** A bake as it went: what it was, predicted and actual side by side, and how it was. */
const props = defineProps<{
  bake: LogLine
  /** How many minutes the drawing has room for; the same for all of the log. */
  longest: number
}>()
defineEmits<{ lay: []; reopen: [] }>()

const AXIS = 260

const bench = useBench()
const units = useUnits()
const x = computed(() => scale([0, props.longest], [0, AXIS]))
const fish = computed(() => {
  const { species, ownName } = props.bake.question.piece
  if (ownName) return ownName
  return bench.catalogue?.species.find((s) => s.key === species)?.marketName ?? species
})
const said = computed(() => {
  const late = (props.bake.actualMin ?? 0) - props.bake.likelyMin
  if (Math.abs(late) < 0.5) return t('ui.log.as-likely-said')
  return t('ui.log.min', { late: minutesInWords(Math.abs(late)), later: late > 0 })
})
</script>

<template>
  <li>
    <p class="when">
      <b>{{ day(new Date(bake.startedAt)) }}</b>
      {{ clock(new Date(bake.startedAt)) }}
    </p>
    <div class="what">
      <h2>{{ bake.title }}</h2>
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
        :src="api.photo(bake.id)"
        :alt="t('ui.log.as-it-was-served', { title: bake.title })"
      />
    </div>
    <figure v-if="bake.actualMin !== undefined">
      <svg
        :viewBox="`0 0 ${AXIS} 40`"
        role="img"
        :aria-label="
          t('ui.log.predicted-to-minutes-came-out', {
            checkFrom: minutesInWords(bake.checkFromMin),
            noLaterThan: minutesInWords(bake.noLaterThanMin),
            out: minutesInWords(bake.actualMin ?? 0),
          })
        "
      >
        <line x1="0" :x2="AXIS" y1="30" y2="30" class="axis" />
        <rect
          :x="x(bake.checkFromMin)"
          y="20"
          :width="x(bake.noLaterThanMin) - x(bake.checkFromMin)"
          height="10"
          class="window"
        />
        <line :x1="x(bake.likelyMin)" :x2="x(bake.likelyMin)" y1="20" y2="30" class="likely" />
        <g
          :transform="`translate(${x(bake.actualMin ?? 0)} 0)`"
          :class="bake.verdict?.toLowerCase()"
          class="pin"
        >
          <line y1="12" y2="34" />
          <circle cy="8" r="6" />
        </g>
      </svg>
      <figcaption>
        <EmphasisedText
          :said="
            t('ui.log.likely-out-at', {
              likely: minutesInWords(bake.likelyMin),
              out: minutesInWords(bake.actualMin ?? 0),
              said,
            })
          "
        />
      </figcaption>
    </figure>
    <p v-else class="unknown">{{ t('ui.log.nobody-knows-when-it-came') }}</p>
    <p class="verdict" :class="bake.verdict?.toLowerCase()">
      <b>{{ bake.verdict ? VERDICTS[bake.verdict] : t('ui.log.forgotten') }}</b>
      <span v-if="bake.probeC !== undefined">{{
        t('ui.log.probe', { probe: units.degrees(bake.probeC) })
      }}</span>
    </p>
    <p class="doing">
      <button class="quiet-action" @click="$emit('lay')">{{ t('ui.log.see-it-on-the-bench') }}</button>
      <button v-if="!bake.verdict" class="quiet-action" @click="$emit('reopen')">
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
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
}
figcaption {
  color: var(--ink-soft);
  font-size: 14px;
}
figcaption b {
  color: var(--ink);
}
.axis {
  stroke: #a9a695;
}
.window {
  fill: #9fbdb2;
}
.likely {
  stroke: var(--kelp);
  stroke-width: 2.5;
}
.pin line {
  stroke: currentColor;
  stroke-width: 2;
}
.pin circle {
  fill: currentColor;
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
.unknown,
.doing {
  margin: 0;
}
.unknown {
  color: var(--ink-soft);
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

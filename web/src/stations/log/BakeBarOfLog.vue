<script setup lang="ts">
import { computed } from 'vue'
import EmphasisedText from '../../components/EmphasisedText'
import type { LogLine } from '../../api/types'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'

/** The bar is what the ticket said, the pin when it came out. */
const props = defineProps<{
  bake: LogLine
  /** How many minutes the drawing has room for; where it stands alone, as many as it needs. */
  longest?: number
}>()

const AXIS = 260

const needs = computed(() => 1.1 * Math.max(props.bake.noLaterThanMin, props.bake.actualMin ?? 0))
const x = computed(() => scale([0, props.longest ?? needs.value], [0, AXIS]))
const said = computed(() => {
  const late = (props.bake.actualMin ?? 0) - props.bake.likelyMin
  if (Math.abs(late) < 0.5) return t('ui.log.as-likely-said')
  return t('ui.log.min', { late: minutesInWords(Math.abs(late)), later: late > 0 })
})
</script>

<template>
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
</template>

<style scoped>
figure {
  max-width: 420px;
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
.unknown {
  margin: 0;
  color: var(--ink-soft);
}
</style>

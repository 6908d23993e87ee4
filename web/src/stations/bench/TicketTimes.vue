<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import type { Answer } from '../../api/types'
import { t } from '../../messages/say'
import { clock, minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** When it goes in, from when to check, how hot it is pulled, and when it is on the plate. */
const props = defineProps<{ answer: Answer }>()

const bench = useBench()
const units = useUnits()
const present = useNow({ interval: 5000 })
const plate = computed(() => new Date(present.value.getTime() + bench.endMinute * 60000))
/** That it is still raw when it comes out, and the coast cooks it: nobody shall think that it is a mistake. */
const yet = computed(() => {
  const raw = bench.catalogue?.bands[0]
  const cooked = bench.catalogue?.bands[1]
  return raw && cooked && props.answer.pullC < cooked.fromC ? raw.word : null
})
</script>

<template>
  <dl>
    <div>
      <dt>{{ t('ui.ticket.in') }}</dt>
      <dd>{{ clock(present) }}</dd>
    </div>
    <template v-if="bench.checkWindow">
      <div class="check">
        <dt>{{ t('ui.ticket.check-from') }}</dt>
        <dd>{{ t('ui.min', { n: minutesInWords(bench.checkWindow.checkFromMin) }) }}</dd>
      </div>
      <div>
        <dt>{{ t('ui.ticket.likely') }}</dt>
        <dd>{{ t('ui.min', { n: minutesInWords(bench.checkWindow.likelyMin) }) }}</dd>
      </div>
      <div>
        <dt>{{ t('ui.ticket.no-later-than') }}</dt>
        <dd>{{ t('ui.min', { n: minutesInWords(bench.checkWindow.noLaterThanMin) }) }}</dd>
      </div>
    </template>
    <div>
      <dt>{{ t('ui.ticket.pull-at') }}</dt>
      <dd>
        <small v-if="yet">{{ t('ui.ticket.as-meant', { band: yet }) }}</small>
        {{ units.degrees(answer.pullC) }}
      </dd>
    </div>
    <div>
      <dt>{{ t('ui.ticket.rest') }}</dt>
      <dd>
        {{
          answer.restMinutes === 0
            ? t('ui.stages.at-once')
            : t('ui.min', { n: minutesInWords(answer.restMinutes) })
        }}
      </dd>
    </div>
    <div v-if="answer.restMinutes > 0">
      <dt>{{ t('ui.ticket.coasts-to') }}</dt>
      <dd>
        {{ units.degrees(answer.peakC) }} <small>+{{ units.rise(answer.peakC - answer.pullC) }}</small>
      </dd>
    </div>
    <div>
      <dt>{{ t('ui.ticket.on-the-plate') }}</dt>
      <dd>{{ clock(plate) }}</dd>
    </div>
  </dl>
</template>

<style scoped>
dd small {
  color: var(--ink-soft);
  font-size: 14px;
  font-weight: 400;
}
.check dd {
  font-size: 28px;
  line-height: 1.15;
}
</style>

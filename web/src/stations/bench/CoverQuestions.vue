<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../../components/ChoiceField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices, useWay, YES_NO } from './way'

/** How the parcel is folded or what lies over the vessel, whether something sour is inside, whether it is opened at the end. */
const bench = useBench()
const { way } = useWay()
const parcel = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')

/** What dissolves bare aluminium. */
const ACID = [
  { value: 'yes', words: t('ui.dress.acid') },
  { value: 'no', words: t('ui.dress.no') },
]
function setLid(lid: keyof typeof labels.LIDS) {
  if (lid !== 'NONE') return bench.say({ lid })
  bench.say({ lid: null, opened: null })
  bench.layer = null
}
</script>

<template>
  <template v-if="parcel">
    <ChoiceField
      :label="t('ui.dress.fold')"
      :choices="choices(labels.FOLDS)"
      :chosen="way.fold ?? (bench.on.dress === 'FOIL' ? 'SEAM_UP' : 'HEART')"
      @choose="(fold) => bench.say({ fold })"
    />
    <ChoiceField
      :label="t('ui.dress.sour-inside')"
      :choices="ACID"
      :chosen="way.acid ? 'yes' : 'no'"
      @choose="(v) => bench.say({ acid: v === 'yes' })"
    />
  </template>
  <ChoiceField
    v-else
    :label="t('ui.dress.closed-by')"
    :choices="choices(labels.LIDS)"
    :chosen="way.lid ?? 'NONE'"
    @choose="setLid"
  />
  <ChoiceField
    :label="t('ui.dress.opened')"
    :choices="YES_NO"
    :chosen="way.opened ? 'yes' : 'no'"
    :refusal="bench.refusal('kind')"
    @choose="(v) => bench.say({ opened: v === 'yes' || null })"
  />
</template>

<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices } from './way'

/** What is inside the fish; of a stuffing, how much and how warm. */
const bench = useBench()
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.inside-it')"
    :choices="choices(labels.FILLINGS)"
    :chosen="bench.on.filling"
    :refusal="bench.refusal('filling')"
    @choose="(filling) => bench.change({ filling })"
  />
  <template v-if="bench.on.filling === 'STUFFING'">
    <NumberField
      :label="t('ui.dress.stuffing-each')"
      kind="mass"
      fine
      :usual="bench.answer?.piece.stuffingG"
      :model-value="bench.on.fillingG"
      :refusal="bench.refusal('fillingG')"
      @update:model-value="(fillingG) => bench.change({ fillingG })"
    />
    <ChoiceField
      :label="t('ui.dress.it-goes-in')"
      :choices="choices(labels.KEPT)"
      :chosen="bench.on.fillingKept"
      @choose="(fillingKept) => bench.change({ fillingKept })"
    />
    <ChoiceField
      :label="t('ui.dress.stuffed-with')"
      :choices="choices(labels.STUFFINGS)"
      :chosen="bench.on.fillingOf"
      @choose="(fillingOf) => bench.change({ fillingOf })"
    />
  </template>
</template>

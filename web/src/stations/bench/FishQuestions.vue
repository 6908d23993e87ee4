<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '../../components/ChoiceField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import FillingQuestions from './FillingQuestions.vue'
import { choices, useWay } from './way'

/** What is on the fish's face, what is inside it, how it lies. */
const bench = useBench()
const { way } = useWay()
const faced = computed(() => bench.on.dress !== 'SALT_CRUST' && bench.on.dress !== 'BREADED')
</script>

<template>
  <ChoiceField
    v-if="faced"
    :label="t('ui.dress.its-face')"
    :choices="choices(labels.FINISHES)"
    :chosen="way.finish ?? (bench.on.dress === 'TRAY_BAKE' ? 'OILED' : 'BARE')"
    @choose="(finish) => bench.say({ finish })"
  />
  <FillingQuestions />
  <ChoiceField
    v-if="bench.stands"
    :label="t('ui.dress.it-lies')"
    :choices="choices(labels.STANCES)"
    :chosen="bench.on.stance"
    @choose="(stance) => bench.change({ stance })"
  />
</template>

<script setup lang="ts">
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'

/** One step of carving, drawn from above: what is there in calm lines, what the hand does in clay. */
const props = defineProps<{ picture: Picture }>()

const FLESH = fleshColour(58)
const ROUND: Picture[] = ['TAIL', 'FINS', 'SKIN', 'MID_LINE', 'CHEEKS', 'BRUSH']
const OPENED: Picture[] = ['TOP_FILLETS', 'BACKBONE', 'BELLY_BONES', 'BOTTOM_FILLETS']
const FLAT: Picture[] = ['FRINGE', 'FLAT_MID_LINE', 'FLAT_TOP', 'FLAT_BACKBONE', 'FLAT_BOTTOM']
const CRUST: Picture[] = ['CLOTH', 'CRACK', 'LIFT_CRUST']

const BODY = 'M22 76Q70 26 160 38Q214 46 246 70L288 44Q279 76 288 108L246 82Q214 106 160 114Q70 126 22 76Z'
const TRUNK = 'M78 42Q140 28 190 44Q224 54 246 71L246 81Q224 98 190 108Q140 124 78 110Q92 76 78 42Z'
const UPPER = 'M78 42Q140 28 190 44Q224 54 246 74L80 74Q88 58 78 42Z'
const LOWER = 'M80 78L246 78Q224 98 190 108Q140 124 78 110Q88 94 80 78Z'
const DISC = 'M40 80Q90 18 170 34Q226 48 252 80Q226 112 170 126Q90 142 40 80Z'
const MOUND = 'M20 128Q40 40 150 36Q262 40 280 128Z'

const skinned = computed(() => props.picture === 'MID_LINE')
const ribs = Array.from({ length: 12 }, (_, i) => 96 + i * 12)
const grains = Array.from({ length: 16 }, (_, i) => ({ x: 88 + ((i * 37) % 150), y: 50 + ((i * 23) % 52) }))
</script>

<template>
  <svg viewBox="0 0 300 160" aria-hidden="true">
    <defs>
      <marker
        id="carving-tip"
        viewBox="0 0 10 10"
        refX="7"
        refY="5"
        markerWidth="5"
        markerHeight="5"
        orient="auto"
      >
        <path d="M1 1l7 4l-7 4" fill="none" stroke="var(--clay)" stroke-width="2" />
      </marker>
    </defs>

    <g v-if="ROUND.includes(picture)">
      <path class="fin" d="M104 34Q150 8 206 46M176 112Q196 128 218 100" />
      <path :d="BODY" class="skin" />
      <path v-if="skinned" :d="TRUNK" :fill="FLESH" class="line" />
      <path class="line none" d="M71 42Q91 76 71 109" />
      <circle cx="46" cy="68" r="5" class="eye" />
    </g>
    <template v-if="picture === 'TAIL'">
      <path class="cut" d="M238 58V94" />
      <path class="hand" d="M262 20Q246 30 240 50" />
    </template>
    <template v-else-if="picture === 'FINS'">
      <path class="hand" d="M214 36Q160 2 112 22" />
      <path class="hand" d="M222 116Q200 142 168 128" />
    </template>
    <template v-else-if="picture === 'SKIN'">
      <path d="M78 42Q120 32 160 38Q176 76 160 114Q120 122 78 110Q92 76 78 42Z" :fill="FLESH" class="line" />
      <path class="skin" d="M160 38Q188 34 176 76Q188 118 160 114Q176 76 160 38Z" />
      <path class="hand" d="M108 76H206" />
    </template>
    <template v-else-if="picture === 'MID_LINE'">
      <path class="cut" d="M84 76H240" />
      <path class="hand" d="M92 60H226" />
    </template>
    <template v-else-if="picture === 'CHEEKS'">
      <ellipse cx="52" cy="88" rx="13" ry="9" :fill="FLESH" class="mark" />
      <path class="hand" d="M30 142Q34 116 46 98" />
    </template>
    <template v-else-if="picture === 'BRUSH'">
      <circle v-for="(g, i) in grains" :key="i" :cx="g.x" :cy="g.y" r="2.4" class="grain" />
      <path class="tool" d="M150 12h34v12h-34zM154 24v10M160 24v12M167 24v13M174 24v12M180 24v10" />
      <path class="hand" d="M104 26Q160 60 232 50" />
    </template>

    <g v-if="OPENED.includes(picture)">
      <path d="M22 76Q46 46 78 42Q92 76 78 110Q46 106 22 76Z" class="skin" />
      <circle cx="46" cy="68" r="5" class="eye" />
      <path d="M246 70L288 44Q279 76 288 108L246 82Z" class="skin" />
    </g>
    <template v-if="picture === 'TOP_FILLETS'">
      <path :d="TRUNK" class="skin" />
      <path class="bone" d="M82 76H246" />
      <path v-for="r in ribs" :key="r" class="bone thin" :d="`M${r} 58V94`" />
      <path :d="UPPER" :fill="FLESH" class="line" transform="translate(0 -26)" />
      <path :d="LOWER" :fill="FLESH" class="line" transform="translate(0 28)" />
      <path class="hand" d="M160 62V26" />
      <path class="hand" d="M160 92V132" />
    </template>
    <template v-else-if="picture === 'BACKBONE'">
      <path :d="TRUNK" :fill="FLESH" class="line" />
      <g transform="rotate(-16 84 76)">
        <path class="bone" d="M82 76H262" />
        <path v-for="r in ribs" :key="r" class="bone thin" :d="`M${r} 62V90`" />
      </g>
      <path class="hand" d="M264 66Q250 30 206 14" />
    </template>
    <template v-else-if="picture === 'BELLY_BONES'">
      <path :d="TRUNK" :fill="FLESH" class="line" />
      <path v-for="r in ribs.slice(0, 6)" :key="r" class="bone thin" :d="`M${r} 88l-5 18`" />
      <path class="hand" d="M170 94Q130 104 96 120" />
    </template>
    <template v-else-if="picture === 'BOTTOM_FILLETS'">
      <path :d="TRUNK" class="skin" />
      <path :d="UPPER" :fill="FLESH" class="line" transform="translate(0 -8)" />
      <path :d="LOWER" :fill="FLESH" class="line" transform="translate(0 8)" />
      <path class="tool" d="M270 128l-64 -20l-4 10l60 22z" />
      <path class="hand" d="M206 104Q160 92 120 100" />
    </template>

    <g v-if="FLAT.includes(picture)">
      <path d="M250 80L286 60Q280 80 286 100Z" class="skin" />
      <path :d="DISC" class="skin" />
      <circle cx="62" cy="72" r="4" class="eye" />
      <circle cx="70" cy="88" r="4" class="eye" />
    </g>
    <template v-if="picture === 'FRINGE'">
      <path class="cut none" d="M64 60Q104 32 168 46Q212 58 238 80Q212 102 168 114Q104 128 64 100" />
      <path class="hand" d="M96 20Q150 6 214 34" />
    </template>
    <template v-else-if="picture === 'FLAT_MID_LINE'">
      <path class="cut" d="M82 80H242" />
      <path class="hand" d="M92 64H224" />
    </template>
    <template v-else-if="picture === 'FLAT_TOP'">
      <path class="bone" d="M84 80H244" />
      <path v-for="r in ribs" :key="r" class="bone thin" :d="`M${r} 58V102`" />
      <path d="M84 46Q150 8 232 52L232 58Q150 30 84 56Z" :fill="FLESH" class="line" />
      <path d="M84 114Q150 152 232 108L232 102Q150 130 84 104Z" :fill="FLESH" class="line" />
      <path class="hand" d="M158 72V36" />
      <path class="hand" d="M158 88V124" />
    </template>
    <template v-else-if="picture === 'FLAT_BACKBONE'">
      <path d="M84 50Q150 26 240 80Q150 134 84 110Z" :fill="FLESH" class="line" />
      <g transform="rotate(-16 84 80)">
        <path class="bone" d="M84 80H262" />
        <path v-for="r in ribs" :key="r" class="bone thin" :d="`M${r} 60V100`" />
      </g>
      <path class="hand" d="M266 70Q250 34 206 18" />
    </template>
    <template v-else-if="picture === 'FLAT_BOTTOM'">
      <path d="M84 54Q150 30 240 78H84Z" :fill="FLESH" class="line" transform="translate(0 -6)" />
      <path d="M84 106Q150 130 240 82H84Z" :fill="FLESH" class="line" transform="translate(0 6)" />
      <path class="tool" d="M270 136l-64 -20l-4 10l60 22z" />
      <path class="hand" d="M206 114Q160 100 116 106" />
    </template>

    <g v-if="CRUST.includes(picture)">
      <path v-if="picture !== 'LIFT_CRUST'" :d="MOUND" class="salt" />
      <path class="line none" d="M8 130H292" />
    </g>
    <template v-if="picture === 'CLOTH'">
      <path
        class="cloth"
        d="M60 92Q80 24 150 22Q224 24 242 92Q226 84 212 92Q196 84 180 92Q166 84 150 92Q134 84 118 92Q104 84 90 92Q74 84 60 92Z"
      />
      <path class="hand" d="M150 2V26" />
    </template>
    <template v-else-if="picture === 'CRACK'">
      <path class="cut none" d="M26 112Q150 92 274 112" />
      <path class="tool" d="M238 40l32 -26l10 12l-32 26zM246 52l-40 34" />
      <path class="hand" d="M226 60Q236 84 226 98" />
    </template>
    <template v-else-if="picture === 'LIFT_CRUST'">
      <path d="M60 126Q110 96 190 112Q226 120 250 126Z" class="skin" />
      <path :d="MOUND" class="salt" transform="rotate(-20 20 128) translate(4 -16) scale(.86)" />
      <path class="steam" d="M268 118q10 -14 0 -26t4 -24M286 112q8 -12 0 -22t4 -20" />
      <path class="hand" d="M214 92Q204 44 164 16" />
    </template>

    <template v-if="picture === 'OPEN_PARCEL'">
      <path class="paper" d="M30 126L60 56L150 40L240 56L270 126Z" />
      <path d="M84 112Q130 82 216 112Z" :fill="FLESH" class="line" />
      <path class="cut none" d="M60 56L150 84L240 56" />
      <path class="steam" d="M176 34q8 -12 0 -20M200 38q8 -12 0 -20M224 46q8 -12 0 -20" />
      <path class="hand" d="M138 60Q120 34 96 22" />
    </template>
    <template v-else-if="picture === 'SLICE_OFF_FOIL' || picture === 'LIFT'">
      <path v-if="picture === 'LIFT'" d="M56 92Q60 60 90 58H196Q238 60 246 92Z" :fill="FLESH" class="line" />
      <path v-else d="M24 92Q40 62 110 60H210Q262 64 280 92Z" :fill="FLESH" class="line" />
      <path v-if="picture !== 'LIFT'" class="hide" d="M20 112H284" />
      <path v-if="picture !== 'LIFT'" class="foil" d="M14 122H288" />
      <path class="tool" d="M296 98H60l-14 6l14 4H296z" />
      <path class="hand" :d="picture === 'LIFT' ? 'M150 50V16' : 'M262 82H150'" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.skin {
  fill: #aeb7ba;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.line {
  stroke: var(--ink);
  stroke-width: 1.6;
}
.none {
  fill: none;
}
.fin {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.eye {
  fill: #fff;
  stroke: var(--ink);
  stroke-width: 2;
}
.mark {
  stroke: var(--clay);
  stroke-width: 2.5;
}
.bone {
  stroke: #fff;
  stroke-width: 5;
  paint-order: stroke;
}
.bone.thin {
  stroke-width: 2.5;
}
.bone,
.hide,
.foil {
  fill: none;
}
.cut {
  stroke: var(--clay);
  stroke-width: 3;
  stroke-dasharray: 8 5;
}
.hand {
  fill: none;
  stroke: var(--clay);
  stroke-width: 4;
  marker-end: url(#carving-tip);
}
.salt {
  fill: #fbfaf6;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.cloth {
  fill: #d6e2ea;
  stroke: var(--brine);
  stroke-width: 2;
}
.grain {
  fill: #fff;
  stroke: #b5af9f;
}
.tool {
  fill: #c6ccd0;
  stroke: #5d676e;
  stroke-width: 2;
}
.paper {
  fill: #e6dcc6;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.steam {
  fill: none;
  stroke: var(--brine);
  stroke-width: 3;
  stroke-linecap: round;
}
.hide {
  stroke: #77828a;
  stroke-width: 6;
}
.foil {
  stroke: #b9c3c9;
  stroke-width: 4;
}
</style>

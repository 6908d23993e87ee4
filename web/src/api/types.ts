import type { components } from './generated'

type Schemas = components['schemas']

export type Catalogue = Schemas['Catalogue']
export type Species = Schemas['SpeciesEntry']
export type BandEntry = Schemas['BandEntry']
export type Question = Schemas['EstimateRequest']
export type Answer = Schemas['EstimateAnswer']
export type Sections = Schemas['SectionsAnswer']
export type CounterQuestion = Schemas['CounterRequest']
export type CounterAnswer = Schemas['CounterAnswer']
export type SenseEntry = Schemas['SenseEntry']
export type Sense = SenseEntry['sense']
export type Score = Schemas['LookEntry']['score']
export type Style = CounterQuestion['style']
export type Keeping = Schemas['KeptInput']['how']
export type Oven = Schemas['OvenView']
export type Bake = Schemas['BakeView']
export type Moment = Schemas['MomentView']
export type HowItWas = Schemas['HowItWas']
export type Verdict = NonNullable<HowItWas['verdict']>
export type Cut = NonNullable<Question['piece']['cut']>
export type DressKind = NonNullable<Question['dress']['kind']>
export type Doneness = NonNullable<Question['doneness']>

import type { components, paths } from './generated'

type Schemas = components['schemas']

export type Catalogue = Schemas['Catalogue']
export type Me = Schemas['MeView']
export type Role = NonNullable<Me['role']>
export type LetInScreen = Schemas['ScreenView']
export type Person = Schemas['Person']
export type Invitation = Schemas['InvitationView']
export type DeviceKey = Schemas['DeviceKeyView']
export type Plates = Schemas['PlatesView']
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
export type OvenWords = Schemas['OvenWords']
export type Bake = Schemas['BakeView']
export type LogLine = Schemas['LogLine']
export type LogPage = Schemas['LogPage']
export type LogChoices = Schemas['LogChoices']
export type LoggedBake = Schemas['LoggedBake']
export type Belief = Schemas['Belief']
export type Taught = Schemas['Taught']
export type Held = Schemas['Held']
export type Dot = Schemas['Dot']
export type OvenTaught = Schemas['OvenTaught']
export type Asked = Schemas['AskedView']
export type Moment = Schemas['MomentView']
export type Inside = Schemas['InsideView']
export type DeviceReading = Schemas['DeviceReading']
export type Tap = Bake['taps'][number]
export type TapKind = Tap['kind']
export type TapDetail = Pick<Tap, 'cue' | 'celsius' | 'number' | 'doneness'>
export type Cue = NonNullable<Tap['cue']>
export type Card = Bake['card']
export type Picture = Card['carving'][number]['picture']
export type HowItWas = Schemas['HowItWas']
export type Verdict = NonNullable<HowItWas['verdict']>
export type Cut = NonNullable<Question['piece']['cut']>
export type DressKind = NonNullable<Question['dress']['kind']>
export type Doneness = NonNullable<Question['doneness']>
export type Dressed = Question['dress']
export type Shelf = NonNullable<Question['oven']['shelf']>
export type StageInput = Question['programme'][number]
export type StageKind = StageInput['stage']
export type StageSpan = Schemas['StageSpanAnswer']
export type Layer = Schemas['LayerAnswer']
export type LayerKind = Layer['kind']
export type Amount = Schemas['AmountAnswer']
export type Topping = NonNullable<Dressed['toppings']>[number]
export type Side = NonNullable<Dressed['sides']>[number]
export type OwnFish = Schemas['OwnFishView']
export type OwnVessel = Schemas['VesselView']
export type Build = OwnFish['build']
export type Ware = NonNullable<Dressed['vessel']>
export type Vegetable = Schemas['VegetableEntry']['vegetable']
export type Filling = NonNullable<Question['piece']['filling']>
export type StuffingOf = NonNullable<Question['piece']['fillingOf']>
export type Kept = NonNullable<Question['piece']['fillingKept']>
export type Stance = NonNullable<Question['piece']['orientation']>
export type Fold = NonNullable<Dressed['fold']>
export type DishTurn = Schemas['DishTurn']
export type RecipeView = Schemas['RecipeView']
export type RecipeInput = Schemas['RecipeInput']
export type Part = NonNullable<Schemas['Ingredient']['part']>
export type LineRead = Schemas['LineView']
export type Ingredient = Schemas['Ingredient']
export type Certainty = Schemas['CertaintyAnswer']
export type Alternatives = Schemas['AlternativesAnswer']
export type Parasites = NonNullable<Question['parasites']>
export type RuleOfThumb = Schemas['RuleAnswer']
export type ShoppingList = Schemas['ShoppingList']
export type EveningInput = Schemas['EveningInput']
export type EveningLine = Schemas['EveningLine']
export type EveningView = Schemas['EveningView']
export type EveningMove = Schemas['MoveInput']
export type EveningFish = Schemas['EveningFishInput']
export type EveningOven = Schemas['EveningOvenInput']
export type EveningHands = Schemas['EveningHandsInput']
/** What an evening may have at most, and what it usually has. */
export type EveningEntry = Schemas['EveningEntry']
export type EveningSide = Schemas['EveningSideInput']
export type RunSheet = NonNullable<EveningView['sheet']>
export type SheetStep = RunSheet['steps'][number]
export type SheetDish = RunSheet['dishes'][number]
export type AtDial = Schemas['DialView']
/** How fish like one goes in a kitchen. */
export type Habits = NonNullable<Question['habits']>
/** One of a kitchen's habits. */
export type HabitFound = Schemas['HabitView']
export type Note = Schemas['NoteView']
export type ArchivePreview = Schemas['ArchivePreview']
/** How an archive is taken in. */
export type ArchiveHow = paths['/api/archive/take']['post']['parameters']['query']['how']
export type TestBake = Schemas['TestBakeAnswer']
/** By what a test bake is read. */
export type TestReads = NonNullable<
  NonNullable<paths['/api/ovens/{id}/test-bakes']['get']['parameters']['query']>['reads']
>
/** How far a cook is in practice, and a round of it. */
export type Practice = Schemas['PracticeView']
export type Practised = Schemas['Practised']
export type Skill = Practised['skill']
export type Round = Schemas['RoundView']
export type RoundSlip = Schemas['SlipView']
export type RoundMove = NonNullable<Schemas['PracticeMove']['kind']>
export type RoundSeen = Schemas['SeenView']
export type Went = Schemas['Went']

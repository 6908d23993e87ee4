package olla.core.fish;

import olla.core.messages.Message;

/** A fish as far as cooking it goes: one of the table, or one of a kitchen's own. */
public sealed interface Fish permits Species, OwnFish {

    /** What it is called at the counter. */
    Message words();

    /** The same inside a sentence. */
    Message inside();

    /** The kind of flesh. */
    Group group();

    /** The build of the whole fish. */
    BodyShape shape();

    /** What the raw flesh is made of. */
    Composition composition();

    /** Firmness, bones and mercury. */
    EatingQualities eatingQualities();

    /** True for fish that turn poisonous by histamine when kept warm. */
    boolean formsHistamine();

    /** True for large reef fish that can carry ciguatoxin. */
    boolean fromReefs();
}

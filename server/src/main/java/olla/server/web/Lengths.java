package olla.server.web;

/** How long what people type may be, characters: as long as the columns it is kept in. The interface is told of them. */
public final class Lengths {

    /** An oven's name. */
    public static final int OVEN_NAME = 60;

    /** A device's name. */
    public static final int DEVICE = 40;

    /** A bake's title. */
    public static final int BAKE_TITLE = 120;

    /** A note beside a verdict, or of the house's. */
    public static final int NOTE = 500;

    /** A recipe's name. */
    public static final int RECIPE_NAME = 120;

    /** An ingredient. */
    public static final int RECIPE_LINE = 200;

    /** A step of a recipe. */
    public static final int RECIPE_STEP = 1000;

    /** A recipe's notes. */
    public static final int RECIPE_NOTES = 2000;

    private Lengths() {}
}

package olla.journeys;

/** What is on the Bench, by the names it has there. */
final class Bench {

    static final Part PIECE = Part.region("The piece");
    static final Part FISH = Part.of("combobox", "Which fish").in(PIECE);
    static final Part THICKEST = Part.field("Thickest").in(PIECE);
    static final Part WEIGHS = Part.field("Weighs").in(PIECE);
    static final Part REFUSED = Part.of("alert").in(PIECE);
    static final Part OVEN = Part.of("combobox", "Which oven").in(PIECE);
    static final Part SHELF = Part.of("radiogroup", "Shelf").in(PIECE);
    static final Part TARGETS = Part.of("radiogroup", "Done means").in(PIECE);
    static final Part SERVED = Part.of("radiogroup", "When it is served").in(PIECE);
    static final Part TARGET = Part.of("radio").checked().in(TARGETS);
    static final Part BEFORE_SERVING = Part.of("group", "Before it is served").in(PIECE);
    static final Part AT_RISK = Part.of("checkbox", "Guests at risk").in(PIECE);

    static final Part DRESS = Part.region("The dress");
    static final Part DRESS_REFUSED = Part.of("alert").in(DRESS);

    static final Part LAYERS = Part.of("list", "Layers, from above").in(DRESS);
    static final Part REFITTED = Part.of("status").saying("Stages fitted").in(DRESS);

    static final Part INSIDE = Part.region("Inside the fish");
    static final Part THICKNESS = Part.of("slider", "Thickness").in(INSIDE);
    static final Part CURVE = Part.of("group", "Temperatures").in(INSIDE);
    static final Part PROGRAMME = Part.of("group", "Stages of the bake").in(INSIDE);
    static final Part END_OF_A_STAGE = Part.of("slider", "End of").in(PROGRAMME);
    static final Part WAYS = Part.region("Ways of reckoning");
    static final Part WAY_TOLD = Part.of("status").in(WAYS);
    static final Part LONG_CUT = Part.of("image", "Cut along its length").in(INSIDE);
    static final Part TRAY = Part.region("On this tray");

    static final Part TICKET = Part.of("complementary", "Oven ticket");
    static final Part DIAL = Part.value("Oven").in(TICKET);
    static final Part CHECK_FROM = Part.value("Check from").in(TICKET);
    static final Part LIKELY = Part.value("Likely").in(TICKET);
    static final Part PULL_AT = Part.value("Pull at").in(TICKET);
    static final Part REST = Part.value("Rest").in(TICKET);
    static final Part STAGES = Part.of("list", "Stages").in(TICKET);
    static final Part CAUTIONS = Part.of("list", "Take care").in(TICKET);
    static final Part LOSES = Part.value("Loses").in(TICKET);
    static final Part TO_KNOW = Part.of("list", "To know").in(TICKET);
    static final Part DOUBTS = Part.of("group").in(TICKET);
    static final Part PUT_IN = Part.button("Put it in").in(TICKET);

    static final Part BOOK = Part.of("dialog", "Recipe book");
    static final Part BOOK_REFUSED = Part.of("alert").in(BOOK);
    static final Part RECIPES = Part.of("navigation", "Recipes").in(BOOK);
    static final Part DIALOG = Part.of("dialog");

    /* What is only drawn. */
    static final Part KNOB = Part.drawn(".handle circle");
    static final Part PICTURE = Part.drawn(".cut image");
    static final Part CRUST = drawn("layer.crust");
    static final Part COAT = drawn("layer.coat");
    /** Places in the cut where a layer can be laid, from above. */
    static final Part PLUS = drawn("plus");

    static final Part BED = drawn("layer.bed");
    static final Part FILLING = drawn("layer.filling");
    static final Part FOIL = drawn("air.foil");
    static final Part SHEET = drawn("air");
    static final Part LIQUOR = drawn("liquor");
    static final Part GRILL = Part.drawn(".strip .grill");

    /** What is drawn of the dress in the cut. */
    static Part drawn(String what) {
        return Part.drawn(".cut ." + what);
    }

    private final Screen screen;

    Bench(Screen screen) {
        this.screen = screen;
    }

    /** As somebody finds it who has never been there; waits for its answer. */
    void openAfresh() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
    }

    /** Chooses the fish by some letters of its name. */
    void fish(String letters, String name) {
        fish(screen, PIECE, letters, name);
    }

    static void fish(Screen screen, Part where, String letters, String name) {
        screen.tap(Part.of("combobox", "Which fish").in(where));
        screen.press(letters);
        screen.tap(Part.option(name));
    }

    void cut(String name) {
        screen.tap(Part.radio(name).in(PIECE));
    }

    void dress(String name) {
        screen.tap(Part.radio(name).in(Part.of("radiogroup", "How it is dressed")));
    }

    /** Opens a layer's questions, by how its line begins. */
    void layer(String begins) {
        Part line = Part.button(begins).in(LAYERS);
        if (!"true".equals(screen.see(line).getAttribute("aria-expanded"))) {
            screen.tap(line);
        }
    }

    /** Lays another layer where it goes. */
    void lay(String where) {
        screen.tap(Part.button("Add a layer").in(LAYERS));
        screen.tap(Part.button("+ " + where).in(DRESS));
    }

    /** Answers a question of the layer that is open with one of its choices. */
    void choose(String question, String words) {
        screen.tap(Part.of("combobox", question).in(DRESS));
        screen.tap(Part.option(words));
    }

    /** Answers a question of the layer that is open with a figure. */
    void amount(String question, String value) {
        screen.type(Part.field(question).in(DRESS), value);
    }

    /** Lays a whole fish of 900 g in salt there. */
    void saltFish() {
        openAfresh();
        fish("gilt", "Sea bream");
        cut("Whole");
        screen.type(THICKEST, "");
        screen.type(WEIGHS, "900");
        dress("salt");
        screen.see(CRUST);
    }
}

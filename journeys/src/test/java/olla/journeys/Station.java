package olla.journeys;

/** The stations that are open, and what is there as soon as each has its answers. */
enum Station {
    COUNTER(Counter.STEP),
    BENCH(Bench.CHECK_FROM),
    RUN_SHEET(SheetPage.NEXT),
    OVEN_SIDE(OvenSide.DRAWN),
    LOG(LogPage.NEWEST);

    private final Part part;

    Station(Part part) {
        this.part = part;
    }

    Part part() {
        return part;
    }

    /** The same in any language: by its role alone. */
    Part inAnyLanguage() {
        return Part.of(part.role()).in(Part.of(this == BENCH ? "complementary" : "main"));
    }
}

package olla.server.kitchen;

/** What a note is kept to. */
public enum NoteAbout {
    FISH,
    DISH,
    OVEN
}

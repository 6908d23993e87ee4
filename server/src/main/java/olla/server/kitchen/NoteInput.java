package olla.server.kitchen;

/**
 * A note as somebody writes it.
 *
 * @param about what it is kept to
 * @param of which: a fish's key or own name, a dish's code, an oven's number
 * @param words 1 to 500 characters
 */
record NoteInput(NoteAbout about, String of, String words) {}

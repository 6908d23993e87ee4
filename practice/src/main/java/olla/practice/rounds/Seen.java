package olla.practice.rounds;

import java.util.List;
import olla.core.messages.Message;

/**
 * What a move showed.
 *
 * @param move which
 * @param words what was seen or felt, in words
 * @param throughC where it was parted: the flesh from below to above, °C; else empty
 * @param topC where it was seen from above: by rows along it, °C; else empty, with NaN taken out as rows grow narrower
 */
public record Seen(Move move, Message words, List<Double> throughC, List<List<Double>> topC) {}

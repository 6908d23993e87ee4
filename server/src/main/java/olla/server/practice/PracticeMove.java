package olla.server.practice;

import olla.practice.rounds.Move;

/**
 * What a cook does.
 *
 * @param kind what
 * @param dish to which dish, from 0
 * @param minute when, since all went in, 0 to 240
 */
record PracticeMove(Move.Kind kind, Integer dish, Double minute) {}

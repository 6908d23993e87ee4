package olla.server.practice;

import olla.practice.rounds.Skill;

/**
 * A round that is begun.
 *
 * @param skill what is to be practised
 */
record BeginInput(Skill skill) {}

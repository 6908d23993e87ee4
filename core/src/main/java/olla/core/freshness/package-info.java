/**
 * The judgement at the counter: the published grading by characters, and how long fish keeps.
 *
 * <p>Knows: nothing else of the house.
 */
package olla.core.freshness;

/**
 * The judgement at the counter: the published grading by characters, and how long fish keeps.
 *
 * <p>Knows: core.messages.
 */
package olla.core.freshness;

/** The judgement at the counter: the published grading by characters, and how long fish keeps. Moves in with the Counter. */
package olla.core.freshness;

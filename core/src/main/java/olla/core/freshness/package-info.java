/** The judgement at the counter: the published grading by characters, and how long fish keeps. */
package olla.core.freshness;

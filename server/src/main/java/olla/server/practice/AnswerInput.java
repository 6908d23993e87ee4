package olla.server.practice;

import olla.core.freshness.Score;
import olla.server.web.MaybeAbsent;

/**
 * What a cook answers in a drill.
 *
 * @param grade which grade a fish has; missing where that is not asked
 * @param mm how thick a piece is, mm; missing where that is not asked
 */
record AnswerInput(@MaybeAbsent Score grade, @MaybeAbsent Double mm) {}

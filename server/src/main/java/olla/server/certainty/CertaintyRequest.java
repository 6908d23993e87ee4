package olla.server.certainty;

import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * How sure is the answer to this question?
 *
 * @param question as the bench asks it
 * @param ovenId whose log is looked at; missing where no oven is meant
 */
public record CertaintyRequest(
        EstimateRequest question, @MaybeAbsent Integer ovenId) {}

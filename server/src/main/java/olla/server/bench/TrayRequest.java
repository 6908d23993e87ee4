package olla.server.bench;

import java.util.List;
import olla.server.query.EstimateRequest;

/**
 * What shares one tray.
 *
 * @param dishes each asked as if it were alone, 1 to 12; one oven, and one temperature to start with
 */
public record TrayRequest(List<EstimateRequest> dishes) {}

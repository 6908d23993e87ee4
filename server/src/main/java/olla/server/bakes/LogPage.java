package olla.server.bakes;

import java.util.List;

/**
 * Some of the log.
 *
 * @param lines in the order that was asked for
 * @param found how many there are in all
 * @param page which page this is, from 0
 * @param pages how many pages there are
 */
public record LogPage(List<LogLine> lines, long found, int page, int pages) {}

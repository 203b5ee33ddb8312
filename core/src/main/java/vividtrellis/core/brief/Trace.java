package vividtrellis.core.brief;

import java.util.List;

/**
 * Why some lines of a file are there.
 *
 * @param from first line, counted from 1
 * @param to last line
 * @param picks JSON Pointers into the completed brief; empty for the service's own
 * @param because the same in words
 */
public record Trace(int from, int to, List<String> picks, String because) {}

package vividtrellis.core.brief;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is wrong with, or worth knowing about, what stands in a brief by itself.
 *
 * @param code stable; the sentence for it stands in the catalogue of texts
 * @param key the pick it is about
 * @param blocks whether no project can be made with it; else it is only worth knowing
 * @param args what the sentence mentions
 * @param better a value that works instead; {@code null} when leaving the pick out is the way
 */
public record Complaint(
    String code, Key key, boolean blocks, Map<String, String> args, @Nullable String better) {}

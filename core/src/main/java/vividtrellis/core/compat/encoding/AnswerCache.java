package vividtrellis.core.compat.encoding;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * Answers that a compiled edition keeps, since many questions share them: what follows from few
 * picks, whatever else is picked. Bounded by kind; shared between threads; what is kept changes no
 * answer.
 */
public final class AnswerCache {

  private final Map<Class<?>, Cache<Object, Object>> kinds = new ConcurrentHashMap<>();

  /**
   * An answer, worked out where it is not known.
   *
   * @param kind what is answered; answers of two kinds may have the same key
   * @param most how many of the kind are kept; the larger an answer, the fewer
   * @param key all that the answer depends on besides the edition
   */
  public <T> T get(Class<T> kind, int most, Object key, Supplier<T> anew) {
    Cache<Object, Object> answers =
        kinds.computeIfAbsent(kind, any -> CacheBuilder.newBuilder().maximumSize(most).build());
    Object known = answers.getIfPresent(key);
    if (known == null) {
      known = anew.get();
      answers.put(key, known);
    }
    return kind.cast(known);
  }
}

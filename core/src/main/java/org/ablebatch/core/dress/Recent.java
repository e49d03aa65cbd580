package org.ablebatch.core.dress;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** Results that were asked for lately, made anew when they are not at hand; for several threads. */
public final class Recent<K, V> {
  private final Function<K, V> make;
  private final Map<K, V> kept;

  /**
   * @param most how many are kept
   */
  public Recent(int most, Function<K, V> make) {
    this.make = make;
    this.kept =
        new LinkedHashMap<>(most, 0.75f, true) {
          private static final long serialVersionUID = 1L;

          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
          }
        };
  }

  /** Two threads that ask for the same at once may both make it. */
  public V get(K key) {
    synchronized (kept) {
      V known = kept.get(key);
      if (known != null) {
        return known;
      }
    }
    V made = make.apply(key);
    synchronized (kept) {
      kept.put(key, made);
    }
    return made;
  }
}

package org.ablebatch.server.dressing;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.ablebatch.core.dress.Dressable;
import org.springframework.stereotype.Component;

/**
 * The screen-size pictures that were dressed last, read and measured, so that a look can be tried
 * on them again and again.
 */
@Component
class ReadyPictures {
  /** With a photograph each some 12 MB. */
  private static final int MOST = 24;

  private final Map<Key, Dressable> kept =
      new LinkedHashMap<>(MOST, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Dressable> eldest) {
          return size() > MOST;
        }
      };

  /**
   * A picture in a state of it.
   *
   * @param revision of the picture's row: a crop, a code, another version change it
   */
  record Key(long photoId, long revision, boolean withPhotograph) {}

  Dressable get(Key key, Supplier<Dressable> make) {
    synchronized (kept) {
      Dressable found = kept.get(key);
      if (found != null) {
        return found;
      }
    }
    Dressable made = make.get();
    synchronized (kept) {
      kept.put(key, made);
    }
    return made;
  }
}

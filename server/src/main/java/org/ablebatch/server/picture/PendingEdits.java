package org.ablebatch.server.picture;

/** Whoever needs a picture's result has the edits drawn first that no version shows yet. */
public interface PendingEdits {
  /** Makes a version of them; does nothing when there are none. */
  void render(long photoId);
}

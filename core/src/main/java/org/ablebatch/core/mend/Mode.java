package org.ablebatch.core.mend;

/** Erase takes coverage away, restore brings the photograph back. */
public enum Mode {
  ERASE,
  RESTORE
}

package org.ablebatch.core.sets;

/**
 * Where a picture belongs.
 *
 * @param code the article's number or name; null = none
 * @param group what several pictures or articles share; null = none
 */
public record SetPlace(String code, String group) {
  public static final SetPlace NONE = new SetPlace(null, null);
}

package org.ablebatch.codec.spec;

import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.naming.InvalidName;
import org.ablebatch.core.naming.NameRules;

/**
 * How names are written, as JSON.
 *
 * @param capitals as-they-are, small or capital; left out = as-they-are
 * @param letters all, plain (ä becomes a) or two-for-one (ä becomes ae); left out = all
 * @param longest characters with the ending, 12..200; left out = 120
 */
public record NameRulesEntry(String capitals, String letters, Integer longest) {
  NameRules toRules() {
    try {
      return new NameRules(
          toCapitals(), toLetters(), longest == null ? NameRules.DEFAULT.longest() : longest);
    } catch (InvalidName e) {
      throw new InvalidSpec(e.field(), e.getMessage());
    }
  }

  private NameRules.Capitals toCapitals() {
    return switch (capitals == null ? "as-they-are" : capitals) {
      case "as-they-are" -> NameRules.Capitals.AS_THEY_ARE;
      case "small" -> NameRules.Capitals.SMALL;
      case "capital" -> NameRules.Capitals.CAPITAL;
      default ->
          throw new InvalidSpec(
              "names", "Capitals are as-they-are, small or capital, not “" + capitals + "”");
    };
  }

  private NameRules.Letters toLetters() {
    return switch (letters == null ? "all" : letters) {
      case "all" -> NameRules.Letters.ALL;
      case "plain" -> NameRules.Letters.PLAIN;
      case "two-for-one" -> NameRules.Letters.TWO_FOR_ONE;
      default ->
          throw new InvalidSpec(
              "names", "Letters are all, plain or two-for-one, not “" + letters + "”");
    };
  }
}

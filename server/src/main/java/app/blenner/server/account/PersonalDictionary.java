package app.blenner.server.account;

import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The words that somebody knows and no dictionary has. */
@Service
public class PersonalDictionary {
  /** The name of the setting; its value is a list of words. */
  private static final String SETTING = "words";

  private final OwnSettings settings;

  PersonalDictionary(OwnSettings settings) {
    this.settings = settings;
  }

  /** Those of a person. */
  public Set<String> of(long account) {
    return settings.of(account, SETTING).orElse(null) instanceof Collection<?> words
        ? words.stream()
            .filter(String.class::isInstance)
            .map(String.class::cast)
            .collect(Collectors.toSet())
        : Set.of();
  }
}

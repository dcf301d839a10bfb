package app.blenner.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * What a site asks of its items: how rules are set for items of every kind, and where a kind differs.
 *
 * @param settings how rules are set by the name of a kind; under the empty name for every kind
 */
public record Standards(Map<String, Settings> settings) {
  /** The name under which stands what holds for every kind. */
  public static final String EVERY_KIND = "";

  /** Those of a site that has set nothing. */
  public static final Standards USUAL = new Standards(Map.of());

  public Standards {
    Map<String, Settings> said = new TreeMap<>(settings);
    said.values().removeIf(s -> s.rules().isEmpty());
    settings = Map.copyOf(said);
  }

  /** How rules are set for items of a kind. */
  public Settings of(String kind) {
    return saidFor(EVERY_KIND).withFallback(saidFor(kind));
  }

  /** What is said of a kind by itself, or of every kind. */
  public Settings saidFor(String kind) {
    return settings.getOrDefault(kind, Settings.USUAL);
  }

  /**
   * What cannot be kept of them, each in a sentence.
   *
   * @param rules the rule with an id, where there is one
   */
  public List<String> problemsWith(Function<String, Optional<Rule>> rules) {
    List<String> problems = new ArrayList<>();
    settings.values().stream()
        .flatMap(s -> s.rules().entrySet().stream())
        .forEach(
            e ->
                rules
                    .apply(e.getKey())
                    .ifPresentOrElse(
                        rule -> problems.addAll(problemsWith(rule, e.getValue())),
                        () -> problems.add("There is no rule “" + e.getKey() + "”.")));
    return List.copyOf(problems);
  }

  private static List<String> problemsWith(Rule rule, Setting setting) {
    List<String> problems = new ArrayList<>();
    String named = "“" + rule.descriptor().label() + "”: ";
    if (rule.always()
        && setting.weight() != null
        && setting.weight() != rule.descriptor().weight()) {
      problems.add(named + "this holds on every site.");
    }
    setting
        .numbers()
        .forEach(
            (name, number) -> {
              Optional<Parameter> parameter =
                  rule.parameters().stream().filter(p -> p.name().equals(name)).findFirst();
              if (parameter.isEmpty()) {
                problems.add(named + "it has no number called “" + name + "”.");
              } else if (number < parameter.get().least() || number > parameter.get().most()) {
                Parameter p = parameter.get();
                problems.add(
                    named
                        + p.label()
                        + " lies between "
                        + p.least()
                        + " and "
                        + p.most()
                        + "; "
                        + number
                        + " does not.");
              }
            });
    problems.addAll(disordered(rule, setting, named));
    if (!setting.words().isEmpty() && rule.words().isEmpty()) {
      problems.add(named + "it has no list of words.");
    }
    if (setting.words().size() > WordList.MOST) {
      problems.add(named + "a list holds at most " + WordList.MOST + " lines.");
    }
    setting.words().stream()
        .filter(w -> w.length() > WordList.LONGEST)
        .findFirst()
        .ifPresent(
            w ->
                problems.add(
                    named
                        + "a line of its list has at most "
                        + WordList.LONGEST
                        + " characters; “"
                        + w.substring(0, 20)
                        + "…” has more."));
    if (setting.wording().length() > Setting.LONGEST) {
      problems.add(named + "its wording has at most " + Setting.LONGEST + " characters.");
    }
    return problems;
  }

  /** A least that is more than the most can never be kept to. */
  private static List<String> disordered(Rule rule, Setting setting, String named) {
    Settings alone = new Settings(Map.of(rule.id(), setting));
    Optional<Parameter> least = named(rule, Parameter.LEAST);
    Optional<Parameter> most = named(rule, Parameter.MOST);
    return least.isPresent()
            && most.isPresent()
            && alone.numberOf(rule, least.get()) > alone.numberOf(rule, most.get())
        ? List.of(named + "the least is more than the most.")
        : List.of();
  }

  private static Optional<Parameter> named(Rule rule, String name) {
    return rule.parameters().stream().filter(p -> p.name().equals(name)).findFirst();
  }
}

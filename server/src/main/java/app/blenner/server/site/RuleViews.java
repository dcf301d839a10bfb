package app.blenner.server.site;

import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.Preset;
import app.blenner.core.preflight.RuleGroup;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Standards;
import app.blenner.core.rule.WaiverPolicy;
import app.blenner.core.rule.WordList;
import app.blenner.server.revision.Revised;
import app.blenner.server.revision.Revision;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What the editor and the server tell each other of rules. */
public final class RuleViews {
  private RuleViews() {}

  /** A rule, as it comes. */
  record RuleView(
      String id,
      String label,
      String why,
      String reference,
      RuleSeverity weight,
      boolean always,
      List<Parameter> parameters,
      WordList words) {
    static RuleView of(Rule rule) {
      return new RuleView(
          rule.id(),
          rule.descriptor().label(),
          rule.why(),
          rule.descriptor().reference(),
          rule.descriptor().weight(),
          rule.always(),
          rule.parameters(),
          rule.words().orElse(null));
    }
  }

  /** Rules that look for one sort of fault. */
  record RuleGroupView(String label, String about, List<RuleView> rules) {
    static RuleGroupView of(RuleGroup group, List<Rule> rules) {
      return new RuleGroupView(
          group.label(), group.about(), rules.stream().map(RuleView::of).toList());
    }
  }

  /** How one rule is set. {@code weight} is null where it is as it comes. */
  record RuleSetting(
      @NotNull @Size(max = 80) String rule,
      RuleSeverity weight,
      @NotNull @Size(max = 20) Map<String, Integer> numbers,
      @NotNull List<@NotNull String> words,
      @NotNull String wording,
      @NotNull WaiverPolicy overrule) {
    static RuleSetting of(String rule, Setting s) {
      return new RuleSetting(
          rule, s.weight(), new TreeMap<>(s.numbers()), s.words(), s.wording(), s.overrule());
    }

    private Setting setting() {
      List<String> lines = words.stream().map(String::strip).filter(w -> !w.isEmpty()).toList();
      return new Setting(weight, numbers, lines, wording.strip(), overrule);
    }
  }

  /** How rules are set for items of a kind; for those of every kind where it is empty. */
  record KindRules(
      @NotNull @Size(max = 80) String kind,
      @NotNull @Size(max = 500) List<@NotNull @Valid RuleSetting> rules) {
    static KindRules of(String kind, Settings settings) {
      return new KindRules(
          kind,
          new TreeMap<>(settings.rules())
              .entrySet().stream().map(e -> RuleSetting.of(e.getKey(), e.getValue())).toList());
    }
  }

  /** A way to begin with setting rules, and what it makes of those of every kind. */
  record PresetView(String label, String about, Map<String, RuleSeverity> weights) {
    static PresetView of(Preset preset) {
      Settings made = preset.applyTo(Settings.USUAL);
      Map<String, RuleSeverity> weights = new TreeMap<>();
      Preflight.rules().forEach(r -> weights.put(r.id(), made.weightOf(r)));
      return new PresetView(preset.label(), preset.about(), weights);
    }
  }

  /** The rules there are, and how they are set. */
  record RulesView(List<RuleGroupView> groups, List<PresetView> presets, List<KindRules> kinds)
      implements Revised {
    /** Of how they are set. */
    @Override
    public String revision() {
      return Revision.of(kinds);
    }

    static RulesView of(Standards standards) {
      return new RulesView(
          Preflight.groups().entrySet().stream()
              .map(e -> RuleGroupView.of(e.getKey(), e.getValue()))
              .toList(),
          Arrays.stream(Preset.values()).map(PresetView::of).toList(),
          new TreeMap<>(standards.settings())
              .entrySet().stream().map(e -> KindRules.of(e.getKey(), e.getValue())).toList());
    }
  }

  /** How rules are to be set. */
  public record RulesInput(@NotNull @Size(max = 200) List<@NotNull @Valid KindRules> kinds) {

    /** As the core has it. */
    public Standards standards() {
      Map<String, Settings> out = new LinkedHashMap<>();
      for (KindRules kind : kinds) {
        Map<String, Setting> rules = new LinkedHashMap<>();
        for (RuleSetting rule : kind.rules) {
          if (!rule.setting().equals(Setting.AS_IT_COMES) || !kind.kind.isEmpty()) {
            rules.put(rule.rule, rule.setting());
          }
        }
        out.put(kind.kind, new Settings(rules));
      }
      return new Standards(out);
    }
  }
}

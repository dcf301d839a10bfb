package app.blenner.core.rule;

import java.util.List;

/** The frame of a rule: what it says of itself, what it reads, and the numbers by which it is set. */
public abstract class BasicRule implements Rule {
  private final RuleDescriptor descriptor;
  private final Scope scope;
  private final List<Parameter> parameters;

  protected BasicRule(RuleDescriptor descriptor, Scope scope, Parameter... parameters) {
    this.descriptor = descriptor;
    this.scope = scope;
    this.parameters = List.of(parameters);
  }

  @Override
  public RuleDescriptor descriptor() {
    return descriptor;
  }

  @Override
  public Scope scope() {
    return scope;
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}

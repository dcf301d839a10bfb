package app.blenner.core.rule;

import java.util.List;

/** The frame of a rule: what it says of itself, what it reads, and the numbers by which it is set. */
public abstract class BasicRule implements Rule {
  private final Told told;
  private final Scope scope;
  private final List<Parameter> parameters;

  protected BasicRule(Told told, Scope scope, Parameter... parameters) {
    this.told = told;
    this.scope = scope;
    this.parameters = List.of(parameters);
  }

  @Override
  public Told told() {
    return told;
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

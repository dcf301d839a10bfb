package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.stream.Stream;

/** A habit that each block shows by itself. */
interface BlockCleanUp extends CleanUpRule, BlockRule {
  @Override
  default List<Finding> check(Subject subject, Settings settings) {
    return BlockRule.super.check(subject, settings);
  }

  @Override
  default List<Finding> look(Passage passage, Settings settings) {
    Document alone = new Document(List.of(passage.block()));
    return Stream.concat(
            findAll(alone, passage.language(), settings).stream().map(Finding::withoutPassage),
            findIn(passage.pieces(), passage.language(), settings).stream())
        .toList();
  }
}

package app.blenner.core.rule;

import java.util.ArrayList;
import java.util.List;

/** A rule that looks at each block of the text by itself, and never twice at one that has not changed. */
public interface BlockRule extends Rule {

  /** What it finds in one passage, in reading order; the places are those within the passage. */
  List<Finding> look(Passage passage, Settings settings);

  @Override
  default Scope scope() {
    return Scope.BLOCK;
  }

  @Override
  default List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    List<Passage> passages = subject.passages();
    for (int i = 0; i < passages.size(); i++) {
      for (Finding f : passages.get(i).findingsOf(this, settings)) {
        found.add(f.inPassage(i));
      }
    }
    return found;
  }
}

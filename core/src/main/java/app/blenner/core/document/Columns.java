package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;

/**
 * Two to four columns side by side, which stack on a narrow page.
 *
 * @param columns the columns from the start side
 */
public record Columns(List<Column> columns) implements Block {

  /**
   * One column.
   *
   * @param share its part of the width, relative to the others, 1 to 12
   * @param blocks what is in it
   */
  public record Column(int share, List<Block> blocks) {
    public Column {
      share = Math.max(1, Math.min(12, share));
      blocks = Blocks.tidyBlocks(blocks);
    }
  }

  /** Fewest and most columns. */
  public static final int FEWEST = 2;

  public static final int MOST = 4;

  public Columns {
    List<Column> all = new ArrayList<>(columns);
    while (all.size() < FEWEST) {
      all.add(new Column(1, List.of()));
    }
    if (all.size() > MOST) {
      List<Block> rest =
          all.subList(MOST - 1, all.size()).stream().flatMap(c -> c.blocks().stream()).toList();
      Column last = new Column(all.get(MOST - 1).share(), rest);
      all = new ArrayList<>(all.subList(0, MOST - 1));
      all.add(last);
    }
    columns = List.copyOf(all);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitColumns(this);
  }

  @Override
  public List<List<Block>> groups() {
    return columns.stream().map(Column::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    List<Column> changed = new ArrayList<>();
    for (int i = 0; i < groups.size(); i++) {
      changed.add(new Column(columns.get(i).share(), groups.get(i)));
    }
    return new Columns(changed);
  }
}

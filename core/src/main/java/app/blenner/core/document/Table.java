package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A table of data. Its rows fill a rectangle without gaps or overlaps by the table model of the
 * HTML Living Standard; {@link TableGrid} makes it so.
 *
 * @param caption its caption
 * @param description a longer account for people who cannot see it, or empty
 * @param headerRows how many rows at the top are header cells
 * @param headerColumn whether the first column is header cells
 * @param widths width of each column in hundredths of the table, empty where nobody said
 * @param look borders, padding and place
 * @param rows the rows
 */
public record Table(
    List<Inline> caption,
    String description,
    int headerRows,
    boolean headerColumn,
    List<Integer> widths,
    Look look,
    List<Row> rows)
    implements Block {

  /** The lines of a table. */
  public enum Borders {
    HAIRLINES(""),
    NONE("borders-none"),
    ALL("borders-all");

    private final String className;

    Borders(String className) {
      this.className = className;
    }

    /** The class that stands for it in HTML. */
    public String className() {
      return className;
    }
  }

  /** The space inside cells. */
  public enum Padding {
    PLAIN(""),
    TIGHT("padding-tight"),
    ROOMY("padding-roomy");

    private final String className;

    Padding(String className) {
      this.className = className;
    }

    /** The class that stands for it in HTML. */
    public String className() {
      return className;
    }
  }

  /**
   * How a table looks and where it stands.
   *
   * @param direction which side its columns begin at, where that differs from the text around it
   */
  public record Look(Borders borders, Padding padding, Side side, Direction direction) {
    /** Hairlines, plain padding, in the flow. */
    public static final Look PLAIN = new Look(Borders.HAIRLINES, Padding.PLAIN, Side.NONE);

    /** The look of a table that is written as the text around it is. */
    public Look(Borders borders, Padding padding, Side side) {
      this(borders, padding, side, Direction.NONE);
    }
  }

  /** One row. */
  public record Row(List<Cell> cells) {
    public Row {
      cells = List.copyOf(cells);
    }
  }

  /**
   * One cell.
   *
   * @param columns how many columns it covers, from 1
   * @param rows how many rows it covers, from 1
   * @param align how its lines stand
   * @param blocks what is in it
   */
  public record Cell(int columns, int rows, BlockStyle.Align align, List<Block> blocks) {
    public Cell {
      columns = Math.max(1, Math.min(TableGrid.MAX_COLUMNS, columns));
      rows = Math.max(1, Math.min(TableGrid.MAX_SPAN, rows));
      blocks = Blocks.tidyBlocks(blocks);
    }

    /** Whether nothing is in it. */
    public boolean isBlank() {
      return blocks.isEmpty()
          || blocks.size() == 1
              && blocks.get(0) instanceof Paragraph p
              && p.content().isEmpty()
              && p.style().equals(BlockStyle.PLAIN);
    }

    /** The same cell with other spans. */
    public Cell spanning(int columns, int rows) {
      return new Cell(columns, rows, align, blocks);
    }
  }

  public Table {
    caption = Inlines.tidyInlines(caption);
    description = PlainText.toLine(description);
    headerRows = Math.max(0, Math.min(headerRows, rows.size()));
    TableGrid.Filled filled = TableGrid.fill(rows, headerRows);
    rows = filled.rows();
    headerRows = filled.headerRows();
    headerColumn = headerColumn && rows.size() > headerRows;
    int columns = filled.columns();
    boolean usable = widths.size() == columns && widths.stream().allMatch(w -> w >= 1 && w <= 100);
    widths = usable ? List.copyOf(widths) : List.of();
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitTable(this);
  }

  @Override
  public List<Inline> content() {
    return caption;
  }

  @Override
  public Block withContent(List<Inline> text) {
    return new Table(text, description, headerRows, headerColumn, widths, look, rows);
  }

  @Override
  public List<List<Block>> groups() {
    return rows.stream().flatMap(r -> r.cells().stream()).map(Cell::blocks).toList();
  }

  @Override
  public Block withGroups(List<List<Block>> groups) {
    int[] next = {0};
    List<Row> changed =
        rows.stream()
            .map(
                r ->
                    new Row(
                        r.cells().stream()
                            .map(
                                c ->
                                    new Cell(
                                        c.columns(), c.rows(), c.align(), groups.get(next[0]++)))
                            .toList()))
            .toList();
    return new Table(caption, description, headerRows, headerColumn, widths, look, changed);
  }

  @Override
  public boolean isVoid() {
    return rows.isEmpty();
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(Stream.of(Inlines.textOf(caption), description), wordsInside());
  }
}

package app.blenner.core.document;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Lays the cells of a table out as the HTML Living Standard's algorithm for forming a table does
 * (section 4.9.12.1), and mends what does not fit: a cell that would overlap another is cut short, a
 * span ends with its group of rows, gaps get empty cells, and a row or column in which no cell
 * begins is occupied out.
 */
final class TableGrid {
  /** Most columns a table can have, as in the standard. */
  static final int MAX_COLUMNS = 1000;

  /** Most rows a cell can cover. */
  static final int MAX_SPAN = 65534;

  /** Rows that fill a rectangle. */
  record Filled(List<Table.Row> rows, int headerRows, int columns) {}

  /** A cell and where it begins. */
  private record Placed(Table.Cell cell, int row, int column, int columns, int rows) {}

  private TableGrid() {}

  static Filled fill(List<Table.Row> rows, int headerRows) {
    List<Placed> placed = new ArrayList<>();
    int columns = 0;
    List<List<Placed>> starts = new ArrayList<>();
    int[] occupied = new int[0]; // for each column, the row below the cell that covers it
    for (int r = 0; r < rows.size(); r++) {
      int groupEnd = r < headerRows ? headerRows : rows.size();
      List<Placed> here = new ArrayList<>();
      int c = 0;
      for (Table.Cell cell : rows.get(r).cells()) {
        while (c < occupied.length && occupied[c] > r) {
          c++;
        }
        if (c >= MAX_COLUMNS) {
          break;
        }
        int width = Math.min(cell.columns(), MAX_COLUMNS - c);
        for (int i = c; i < c + width && i < occupied.length; i++) {
          if (occupied[i] > r) {
            width = i - c;
          }
        }
        int height = Math.min(cell.rows(), groupEnd - r);
        if (c + width > occupied.length) {
          occupied = Arrays.copyOf(occupied, c + width);
        }
        for (int i = c; i < c + width; i++) {
          occupied[i] = r + height;
        }
        Placed p = new Placed(cell, r, c, width, height);
        here.add(p);
        placed.add(p);
        c += width;
      }
      columns = Math.max(columns, occupied.length);
      starts.add(here);
    }
    return rebuild(starts, placed, headerRows, columns);
  }

  private static Filled rebuild(
      List<List<Placed>> starts, List<Placed> placed, int headerRows, int columns) {
    boolean[] columnBegins = new boolean[columns];
    placed.forEach(p -> columnBegins[p.column] = true);
    int height = starts.size();
    boolean[][] covered = new boolean[height][columns];
    for (Placed p : placed) {
      for (int r = p.row; r < p.row + p.rows; r++) {
        Arrays.fill(covered[r], p.column, p.column + p.columns, true);
      }
    }
    // A gap in the grid gets an empty cell, and so a cell begins in its row and column.
    boolean[] rowBegins = new boolean[height];
    for (int r = 0; r < height; r++) {
      rowBegins[r] = !starts.get(r).isEmpty();
      for (int c = 0; c < columns; c++) {
        if (!covered[r][c]) {
          rowBegins[r] = true;
          columnBegins[c] = true;
        }
      }
    }
    List<Table.Row> out = new ArrayList<>();
    int headers = 0;
    for (int r = 0; r < height; r++) {
      if (!rowBegins[r]) {
        continue;
      }
      List<Table.Cell> cells = new ArrayList<>();
      int next = 0;
      for (int c = 0; c < columns; c++) {
        if (!covered[r][c]) {
          cells.add(new Table.Cell(1, 1, BlockStyle.Align.START, List.of()));
        } else if (next < starts.get(r).size() && starts.get(r).get(next).column == c) {
          Placed p = starts.get(r).get(next++);
          cells.add(
              p.cell.spanning(
                  count(columnBegins, p.column, p.columns), count(rowBegins, p.row, p.rows)));
        }
      }
      out.add(new Table.Row(cells));
      if (r < headerRows) {
        headers++;
      }
    }
    return new Filled(List.copyOf(out), headers, count(columnBegins, 0, columns));
  }

  private static int count(boolean[] begins, int from, int length) {
    int n = 0;
    for (int i = from; i < from + length; i++) {
      n += begins[i] ? 1 : 0;
    }
    return n;
  }
}

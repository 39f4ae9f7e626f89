package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A list whose rows fill the fields of a job in turn: a column is a field's name, as a fact's is.
 *
 * @param source the name of the file it came from; empty where it was typed
 * @param columns names, each once, 1 to 60 characters
 * @param rows every row has a cell for each column; cells are one line of up to 2,000 characters
 * @param at the row that is shown, from 0
 * @param leftOut rows that are not sent, from 0
 * @param count the column that says how many of a row are wanted; empty for one of each
 * @param pictures columns that name the picture of an object, by the object's id
 * @param colours columns that tell a colour of the palette, by the swatch's name
 */
@RecordBuilder
public record RowList(String source, List<String> columns, List<List<String>> rows, int at, Set<Integer> leftOut, Optional<String> count,
    Map<String, String> pictures, Map<String, String> colours) implements RowListBuilder.With {
  /** The most rows. */
  public static final int MOST_ROWS = 100_000;

  /** The most columns. */
  public static final int MOST_COLUMNS = 200;

  /** The longest name of a column. */
  public static final int LONGEST_NAME = 60;

  /** The longest cell. */
  public static final int LONGEST_CELL = 2000;

  /** The most pieces of one row. */
  public static final int MOST_EACH = 10_000;

  /** Keeps copies and checks that all is in order. */
  public RowList {
    columns = List.copyOf(columns);
    List<List<String>> kept = new ArrayList<>(rows.size());
    for (List<String> row : rows) {
      kept.add(List.copyOf(row));
    }
    rows = Collections.unmodifiableList(kept);
    pictures = Collections.unmodifiableMap(new TreeMap<>(pictures));
    colours = Collections.unmodifiableMap(new TreeMap<>(colours));
    leftOut = Collections.unmodifiableSet(new TreeSet<>(leftOut));
    Set<String> names = new HashSet<>(columns);
    int width = columns.size();
    int height = rows.size();
    boolean named = width > 0 && width <= MOST_COLUMNS && names.size() == width
        && names.stream().allMatch(c -> !c.isBlank() && c.length() <= LONGEST_NAME && oneLine(c));
    boolean cells = height > 0 && height <= MOST_ROWS && rows.stream()
        .allMatch(r -> r.size() == width && r.stream().allMatch(c -> c.length() <= LONGEST_CELL && oneLine(c)));
    if (!named || !cells || at < 0 || at >= height || leftOut.stream().anyMatch(i -> i < 0 || i >= height)
        || count.filter(c -> !names.contains(c)).isPresent()
        || !names.containsAll(pictures.values()) || !names.containsAll(colours.values())) {
      throw new IllegalArgumentException("a list has named columns and rows that fill them: " + width + " by " + height);
    }
  }

  private static boolean oneLine(String text) {
    return text.indexOf('\n') < 0 && text.indexOf('\r') < 0;
  }

  /** A list as it was read, its first row shown. */
  public static RowList of(String source, List<String> columns, List<List<String>> rows) {
    return new RowList(source, columns, rows, 0, Set.of(), Optional.empty(), Map.of(), Map.of());
  }

  /** What the shown row says in a column; empty where there is no such column. */
  public Optional<String> value(String column) {
    return value(at, column);
  }

  /** What a row (from 0) says in a column; empty where there is no such column. */
  public Optional<String> value(int row, String column) {
    int index = columns.indexOf(column);
    return index < 0 ? Optional.empty() : Optional.of(rows.get(row).get(index));
  }

  /** How many pieces of a row are wanted: what its column says, where that is a whole number; none where it is left out. */
  public int wanted(int row) {
    if (leftOut.contains(row)) {
      return 0;
    }
    String text = count.flatMap(c -> value(row, c)).map(String::strip).orElse("1");
    return text.matches("\\d{1,5}") ? Math.min(MOST_EACH, Integer.parseInt(text)) : text.isEmpty() ? 0 : 1;
  }

  /** The rows that are sent, in order, each as often as it is wanted. */
  public List<Integer> sent() {
    List<Integer> out = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      for (int k = 0; k < wanted(i); k++) {
        out.add(i);
      }
    }
    return out;
  }

  /** What a row (from 0) is called: its first cells that say anything. */
  public String name(int row) {
    List<String> said = rows.get(row).stream().map(String::strip).filter(c -> !c.isEmpty()).limit(2).toList();
    String name = String.join(", ", said);
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }
}

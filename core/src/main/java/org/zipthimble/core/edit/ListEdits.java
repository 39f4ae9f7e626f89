package org.zipthimble.core.edit;

import java.text.CollationKey;
import java.text.Collator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.ParagraphLook;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Wording;

/** Edits of a job's list, and the job as one of its rows has it. */
public final class ListEdits {
  private ListEdits() {}

  /** Takes a list in place of the one that was there; fields of its columns show its first row. */
  public static Edit take(RowList list) {
    return new Edit(Wording.text("edit.list"), job -> Filling.filled(job.withList(Optional.of(list))));
  }

  /** Takes the list away; fields keep what they say. */
  public static Edit drop() {
    return new Edit(Wording.text("edit.noList"), job -> job.withList(Optional.empty()));
  }

  /** Shows a row, counted from 0. */
  public static Edit show(int row) {
    return changed("edit.row", l -> l.withAt(Math.max(0, Math.min(l.rows().size() - 1, row))));
  }

  /** Leaves rows out of what is sent, or takes them in again. */
  public static Edit leave(Set<Integer> rows, boolean out) {
    return changed("edit.leaveRow", l -> {
      Set<Integer> left = new TreeSet<>(l.leftOut());
      if (out) {
        left.addAll(rows);
      } else {
        left.removeAll(rows);
      }
      return l.withLeftOut(left);
    });
  }

  /** Says which column tells how many are wanted; none for one of each. */
  public static Edit count(Optional<String> column) {
    return changed("edit.rowCount", l -> l.withCount(column.filter(l.columns()::contains)));
  }

  /** Writes a cell; rows are numbered from 0. A row or column that is not there changes nothing. */
  public static Edit cell(int row, String column, String text) {
    String line = text.replaceAll("\\s*[\\r\\n]+\\s*", " ");
    String kept = line.length() > RowList.LONGEST_CELL ? line.substring(0, RowList.LONGEST_CELL) : line;
    return changed("edit.cell", l -> {
      int index = l.columns().indexOf(column);
      if (index < 0 || row < 0 || row >= l.rows().size()) {
        return l;
      }
      List<List<String>> rows = new ArrayList<>(l.rows());
      List<String> cells = new ArrayList<>(rows.get(row));
      cells.set(index, kept);
      rows.set(row, cells);
      return l.withRows(rows);
    });
  }

  /** A list that is typed here: its columns and one empty row. */
  public static Edit typed(List<String> columns) {
    return new Edit(Wording.text("edit.typedList"),
        job -> Filling.filled(job.withList(Optional.of(RowList.of("", columns, List.of(columns.stream().map(c -> "").toList()))))));
  }

  /** Puts an empty row behind the one that is shown, and shows it. */
  public static Edit addRow() {
    return changed("edit.rows", l -> {
      if (l.rows().size() >= RowList.MOST_ROWS) {
        return l;
      }
      List<List<String>> rows = new ArrayList<>(l.rows());
      rows.add(l.at() + 1, l.columns().stream().map(c -> "").toList());
      Set<Integer> left = new TreeSet<>();
      l.leftOut().forEach(i -> left.add(i > l.at() ? i + 1 : i));
      return new RowList(l.source(), l.columns(), rows, l.at() + 1, left, l.count(), l.pictures(), l.colours());
    });
  }

  /** Takes the shown row away; the last one stays. */
  public static Edit removeRow() {
    return changed("edit.rows", l -> {
      if (l.rows().size() == 1) {
        return l;
      }
      List<List<String>> rows = new ArrayList<>(l.rows());
      rows.remove(l.at());
      Set<Integer> left = new TreeSet<>();
      l.leftOut().stream().filter(i -> i != l.at()).forEach(i -> left.add(i > l.at() ? i - 1 : i));
      return new RowList(l.source(), l.columns(), rows, Math.min(l.at(), rows.size() - 1), left, l.count(), l.pictures(), l.colours());
    });
  }

  /** Adds an empty column. */
  public static Edit addColumn(String name) {
    return changed("edit.rows", l -> {
      if (name.isBlank() || name.strip().length() > RowList.LONGEST_NAME || l.columns().contains(name.strip())
          || l.columns().size() >= RowList.MOST_COLUMNS) {
        return l;
      }
      List<String> columns = new ArrayList<>(l.columns());
      columns.add(name.strip());
      List<List<String>> rows = l.rows().stream().map(r -> {
        List<String> cells = new ArrayList<>(r);
        cells.add("");
        return cells;
      }).<List<String>>map(r -> r).toList();
      return new RowList(l.source(), columns, rows, l.at(), l.leftOut(), l.count(), l.pictures(), l.colours());
    });
  }

  /** Adds a column with the number of each row from a first one on, with leading zeros to so many figures. */
  public static Edit number(String column, int first, int figures) {
    return changed("edit.rowNumbers", l -> {
      if (column.isBlank() || l.columns().contains(column.strip()) || l.columns().size() >= RowList.MOST_COLUMNS) {
        return l;
      }
      List<String> columns = new ArrayList<>(l.columns());
      columns.add(column.strip());
      List<List<String>> rows = new ArrayList<>();
      for (int i = 0; i < l.rows().size(); i++) {
        List<String> cells = new ArrayList<>(l.rows().get(i));
        String number = String.valueOf(first + i);
        cells.add("0".repeat(Math.max(0, figures - number.length())) + number);
        rows.add(cells);
      }
      return new RowList(l.source(), columns, rows, l.at(), l.leftOut(), l.count(), l.pictures(), l.colours());
    });
  }

  /** Sorts the rows by a column: numbers by what they are worth, words as a dictionary does; what is left out stays so. */
  public static Edit sort(String column, boolean down) {
    return changed("edit.sortRows", l -> {
      if (!l.columns().contains(column)) {
        return l;
      }
      Collator order = Collator.getInstance(Locale.ENGLISH);
      List<Place> places = IntStream.range(0, l.rows().size()).mapToObj(i -> Place.of(l.value(i, column).orElse(""), order)).toList();
      Comparator<Integer> by = Comparator.comparing(places::get);
      List<Integer> sorted = IntStream.range(0, l.rows().size()).boxed().sorted(down ? by.reversed() : by).toList();
      Set<Integer> left = new TreeSet<>();
      for (int i = 0; i < sorted.size(); i++) {
        if (l.leftOut().contains(sorted.get(i))) {
          left.add(i);
        }
      }
      return new RowList(l.source(), l.columns(), sorted.stream().map(l.rows()::get).toList(), sorted.indexOf(l.at()), left, l.count(),
          l.pictures(), l.colours());
    });
  }

  /** Lets a column name the picture of an object; none gives it back the one it shows. */
  public static Edit pictured(String itemId, Optional<String> column) {
    return changed("edit.rowPicture", l -> l.withPictures(with(l.pictures(), itemId, column.filter(l.columns()::contains))));
  }

  /** Lets a column tell a colour of the palette; none leaves it as it is. */
  public static Edit coloured(String swatch, Optional<String> column) {
    return changed("edit.rowColour", l -> l.withColours(with(l.colours(), swatch, column.filter(l.columns()::contains))));
  }

  /** Takes pictures in, so that columns can name them. */
  public static Edit gather(List<Picture> pictures) {
    return new Edit(Wording.text("edit.rowPictures"), job -> {
      Job out = job;
      for (Picture picture : pictures) {
        out = out.with(picture);
      }
      return Filling.filled(out);
    });
  }

  private static Map<String, String> with(Map<String, String> all, String key, Optional<String> value) {
    Map<String, String> out = new TreeMap<>(all);
    out.remove(key);
    value.ifPresent(v -> out.put(key, v));
    return out;
  }

  /** Empty cells first, then figures by what they amount to, then words as a dictionary has them. */
  private record Place(Optional<Double> figure, CollationKey words) implements Comparable<Place> {
    private static final Pattern FIGURE = Pattern.compile("-?\\d{1,15}(\\.\\d{1,9})?");

    static Place of(String cell, Collator order) {
      return new Place(FIGURE.matcher(cell).matches() ? Optional.of(Double.parseDouble(cell)) : Optional.empty(),
          order.getCollationKey(cell));
    }

    @Override
    public int compareTo(Place other) {
      if (figure.isPresent() && other.figure.isPresent()) {
        return Double.compare(figure.get(), other.figure.get());
      }
      return rank() != other.rank() ? Integer.compare(rank(), other.rank()) : words.compareTo(other.words);
    }

    private int rank() {
      return words.getSourceString().isEmpty() ? 0 : figure.isPresent() ? 1 : 2;
    }
  }

  private static Edit changed(String key, java.util.function.UnaryOperator<RowList> change) {
    return new Edit(Wording.text(key), job -> {
      Optional<RowList> now = job.list().map(change);
      return now.equals(job.list()) ? job : Filling.filled(job.withList(now));
    });
  }

  /** Words that are a field of a column, in a look, to be put in. */
  public static Story field(RowList list, String column, LetterLook letters, ParagraphLook paragraph) {
    Run run = new Run(list.value(column).orElse(""), letters, Optional.empty(), Optional.of(new FieldUse(column, "")));
    return new Story(List.of(new Paragraph(List.of(run), paragraph, Optional.empty())));
  }
}

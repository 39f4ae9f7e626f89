package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
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

  /** The job as a row of its list fills it; the same where it has none. */
  public static Job bound(Job job, int row) {
    return job.list().map(l -> FactEdits.filled(job.withList(Optional.of(l.withAt(row))))).orElse(job);
  }

  /** Takes a list in place of the one that was there; fields of its columns show its first row. */
  public static Edit take(RowList list) {
    return new Edit(Wording.text("edit.list"), job -> FactEdits.filled(job.withList(Optional.of(list))));
  }

  /** Takes the list away; fields keep what they say. */
  public static Edit drop() {
    return new Edit(Wording.text("edit.noList"), job -> job.withList(Optional.empty()));
  }

  /** Shows a row. */
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

  /** Writes a cell. */
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
      return new RowList(l.source(), columns, rows, l.at(), l.leftOut(), l.count());
    });
  }

  /** Sorts the rows by a column: numbers by what they are worth, words as a dictionary does; what is left out stays so. */
  public static Edit sort(String column, boolean down) {
    return changed("edit.sortRows", l -> {
      if (!l.columns().contains(column)) {
        return l;
      }
      Comparator<Integer> by = Comparator.comparing((Integer i) -> l.value(i, column).orElse(""), ListEdits::compared);
      List<Integer> order = IntStream.range(0, l.rows().size()).boxed().sorted(down ? by.reversed() : by).toList();
      Set<Integer> left = new TreeSet<>();
      for (int i = 0; i < order.size(); i++) {
        if (l.leftOut().contains(order.get(i))) {
          left.add(i);
        }
      }
      return new RowList(l.source(), l.columns(), order.stream().map(l.rows()::get).toList(), order.indexOf(l.at()), left, l.count());
    });
  }

  private static int compared(String a, String b) {
    String number = "-?\\d{1,15}(\\.\\d{1,9})?";
    if (a.matches(number) && b.matches(number)) {
      return Double.compare(Double.parseDouble(a), Double.parseDouble(b));
    }
    java.text.Collator words = java.text.Collator.getInstance(java.util.Locale.ENGLISH);
    return words.compare(a, b);
  }

  private static Edit changed(String key, java.util.function.UnaryOperator<RowList> change) {
    return new Edit(Wording.text(key), job -> {
      Optional<RowList> now = job.list().map(change);
      return now.equals(job.list()) ? job : FactEdits.filled(job.withList(now));
    });
  }

  /** Words that are a field of a column, in a look, to be put in. */
  public static Story field(RowList list, String column, LetterLook letters, ParagraphLook paragraph) {
    Run run = new Run(list.value(column).orElse(""), letters, Optional.empty(), Optional.of(new FieldUse(column, "")));
    return new Story(List.of(new Paragraph(List.of(run), paragraph, Optional.empty())));
  }
}

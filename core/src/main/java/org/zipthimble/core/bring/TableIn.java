package org.zipthimble.core.bring;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.zipthimble.core.job.FactForms;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Reads lists: comma separated values (RFC 4180) and those parted by tabs or semicolons, in any common encoding, and the first or a named
 * sheet of an Office Open XML workbook (ECMA-376). Formulas are never worked out: what the file last had for them is taken.
 */
public final class TableIn {
  /** The most bytes of a file. */
  public static final long MOST_BYTES = 60_000_000;

  /** The most bytes that a workbook unpacks to. */
  private static final long MOST_UNPACKED = 400_000_000;

  private static final int LINES_LOOKED_AT = 40;

  /** The day before the first of the calendar of workbooks, which takes 1900 for a leap year (ECMA-376, 18.17.4.1). */
  private static final LocalDate FIRST_DAY = LocalDate.of(1899, 12, 30);

  /**
   * What was read.
   *
   * @param encoding the name of the encoding of a text; empty for a workbook
   * @param sheets the names of a workbook's sheets
   * @param cut how many cells were too long and were cut
   */
  public record Table(RowList list, String encoding, List<String> sheets, int cut) {
    /** Keeps a copy. */
    public Table {
      sheets = List.copyOf(sheets);
    }
  }

  private TableIn() {}

  /**
   * Reads a file.
   *
   * @param encoding of a text; empty to find out
   * @param sheet of a workbook; empty for the first
   * @throws Trouble with a sentence when it is no list or too large
   */
  public static Table read(String name, byte[] bytes, Optional<Charset> encoding, Optional<String> sheet) throws Trouble {
    if (bytes.length > MOST_BYTES) {
      throw Trouble.of("table.tooLarge", name, MOST_BYTES / 1_000_000);
    }
    boolean zipped = bytes.length > 4 && bytes[0] == 'P' && bytes[1] == 'K';
    return zipped ? workbook(name, bytes, sheet) : text(name, bytes, encoding);
  }

  /**
   * Reads a text, such as one that was pasted.
   *
   * @throws Trouble with a sentence when it is no list
   */
  public static RowList pasted(String text) throws Trouble {
    return lists(Wording.text("table.pasted"), records(Wording.text("table.pasted"), text), new int[1]);
  }

  private static Table text(String name, byte[] bytes, Optional<Charset> encoding) throws Trouble {
    Charset charset = encoding.orElseGet(() -> found(bytes));
    String text = charset.decode(ByteBuffer.wrap(bytes)).toString();
    String clean = text.startsWith("\uFEFF") ? text.substring(1) : text;
    if (clean.indexOf('\0') >= 0) {
      throw Trouble.of("table.noText", name);
    }
    int[] cut = new int[1];
    return new Table(lists(name, records(name, clean), cut), charset.name(), List.of(), cut[0]);
  }

  /** By its mark; without one UTF-8 where it can be that, else the Western one of most programs. */
  private static Charset found(byte[] b) {
    if (b.length > 1 && (b[0] & 255) == 0xFF && (b[1] & 255) == 0xFE) {
      return StandardCharsets.UTF_16LE;
    }
    if (b.length > 1 && (b[0] & 255) == 0xFE && (b[1] & 255) == 0xFF) {
      return StandardCharsets.UTF_16BE;
    }
    try {
      StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPORT).decode(ByteBuffer.wrap(b));
      return StandardCharsets.UTF_8;
    } catch (CharacterCodingException western) {
      return Charset.forName("windows-1252");
    }
  }

  /** The sign that parts the cells: the one that stands equally often in most of the first lines. */
  private static char parting(String text) {
    List<String> lines = text.lines().filter(l -> !l.isBlank()).limit(LINES_LOOKED_AT).toList();
    char best = ',';
    double most = 0;
    for (char sign : new char[] {'\t', ';', ','}) {
      long first = lines.isEmpty() ? 0 : outside(lines.get(0), sign);
      long alike = lines.stream().filter(l -> outside(l, sign) == first).count();
      double weight = first == 0 ? 0 : (double) alike / lines.size() + first / 1000.0;
      if (weight > most) {
        most = weight;
        best = sign;
      }
    }
    return best;
  }

  private static long outside(String line, char sign) {
    boolean quoted = false;
    long count = 0;
    for (int i = 0; i < line.length(); i++) {
      quoted ^= line.charAt(i) == '"';
      count += !quoted && line.charAt(i) == sign ? 1 : 0;
    }
    return count;
  }

  private static List<List<String>> records(String name, String text) throws Trouble {
    CSVFormat format = CSVFormat.DEFAULT.builder().setDelimiter(parting(text)).setIgnoreEmptyLines(true).setLenientEof(true)
        .setTrailingData(true).get();
    List<List<String>> out = new ArrayList<>();
    try (CSVParser parser = format.parse(new StringReader(text))) {
      for (CSVRecord record : parser) {
        out.add(record.toList());
        if (out.size() > RowList.MOST_ROWS + 1) {
          throw Trouble.of("table.tooManyRows", name, RowList.MOST_ROWS);
        }
      }
    } catch (IOException | RuntimeException e) {
      if (Trouble.in(e).isPresent()) {
        throw Trouble.in(e).get();
      }
      throw Trouble.because(e, "table.damaged", name, out.size() + 1);
    }
    return out;
  }

  private static RowList lists(String name, List<List<String>> records, int[] cut) throws Trouble {
    List<List<String>> rows = records.stream().filter(r -> r.stream().anyMatch(c -> !c.isBlank())).toList();
    if (rows.size() < 2) {
      throw Trouble.of("table.empty", name);
    }
    int width = rows.stream().mapToInt(List::size).max().orElse(0);
    if (width > RowList.MOST_COLUMNS) {
      throw Trouble.of("table.tooManyColumns", name, width, RowList.MOST_COLUMNS);
    }
    List<String> columns = columns(rows.get(0), width);
    List<List<String>> cells = new ArrayList<>(rows.size() - 1);
    for (List<String> row : rows.subList(1, rows.size())) {
      List<String> one = new ArrayList<>(width);
      for (int i = 0; i < width; i++) {
        String cell = i < row.size() ? line(row.get(i)) : "";
        cut[0] += cell.length() > RowList.LONGEST_CELL ? 1 : 0;
        one.add(cell.length() > RowList.LONGEST_CELL ? cell.substring(0, RowList.LONGEST_CELL) : cell);
      }
      cells.add(one);
    }
    return RowList.of(name, columns, cells);
  }

  private static String line(String cell) {
    return cell.strip().replaceAll("\\s*[\\r\\n\\u2028\\u2029]+\\s*", " ").replaceAll("\\p{Cntrl}", "");
  }

  /** Every column has a name of its own. */
  private static List<String> columns(List<String> heads, int width) {
    Set<String> taken = new HashSet<>();
    List<String> out = new ArrayList<>();
    for (int i = 0; i < width; i++) {
      String head = i < heads.size() ? line(heads.get(i)) : "";
      String plain = head.isEmpty() ? Wording.text("table.column", i + 1) : head.length() > RowList.LONGEST_NAME - 5
          ? head.substring(0, RowList.LONGEST_NAME - 5) : head;
      String name = plain;
      for (int k = 2; !taken.add(name); k++) {
        name = plain + " " + k;
      }
      out.add(name);
    }
    return out;
  }

  private static Table workbook(String name, byte[] bytes, Optional<String> wanted) throws Trouble {
    boolean styled = unpacked(name, bytes);
    try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes), new ReadingOptions(styled, false))) {
      List<String> names = book.getSheets().map(Sheet::getName).toList();
      Sheet sheet = wanted.isPresent() ? book.findSheet(wanted.get())
          .orElseThrow(() -> Trouble.of("table.noSheet", name, wanted.get(), String.join(", ", names))) : book.getFirstSheet();
      List<List<String>> records = new ArrayList<>();
      try (Stream<Row> rows = sheet.openStream()) {
        for (Row row : (Iterable<Row>) rows::iterator) {
          List<String> cells = new ArrayList<>();
          for (int i = 0; i < Math.min(row.getCellCount(), RowList.MOST_COLUMNS + 1); i++) {
            cells.add(row.getOptionalCell(i).map(TableIn::said).orElse(""));
          }
          records.add(cells);
          if (records.size() > RowList.MOST_ROWS + 1) {
            throw Trouble.of("table.tooManyRows", name, RowList.MOST_ROWS);
          }
        }
      }
      int[] cut = new int[1];
      return new Table(lists(name, records, cut), "", names, cut[0]);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      if (Trouble.in(e).isPresent()) {
        throw Trouble.in(e).get();
      }
      throw Trouble.because(e, "table.noWorkbook", name);
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "table.tooLarge", name, MOST_BYTES / 1_000_000);
    }
  }

  /**
   * A small file that unpacks to a great one is refused before it is.
   *
   * @return whether it says how cells are shown
   */
  private static boolean unpacked(String name, byte[] bytes) throws Trouble {
    byte[] buffer = new byte[65_536];
    long all = 0;
    boolean styled = false;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        styled |= entry.getName().endsWith("/styles.xml");
        for (int read = zip.read(buffer); read > 0; read = zip.read(buffer)) {
          all += read;
          if (all > MOST_UNPACKED) {
            throw Trouble.of("table.bomb", name);
          }
        }
      }
      return styled;
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "table.noWorkbook", name);
    }
  }

  private static Optional<BigDecimal> number(String text) {
    return text != null && text.matches("-?\\d{1,15}(\\.\\d{1,12})?") ? Optional.of(new BigDecimal(text)) : Optional.empty();
  }

  /** A cell as people see it: days as days, whole numbers without a point. */
  private static String said(Cell cell) {
    Optional<BigDecimal> number = cell.getType() == CellType.NUMBER ? Optional.of(cell.asNumber()) : cell.getType() == CellType.FORMULA
        ? number(cell.getRawValue()) : Optional.empty();
    if (number.isPresent()) {
      String format = Optional.ofNullable(cell.getDataFormatString()).orElse("").toLowerCase(Locale.ROOT);
      if (format.matches(".*[dy].*") && !format.contains("red")) {
        LocalDate day = cell.getType() == CellType.NUMBER ? cell.asDate().toLocalDate() : FIRST_DAY.plusDays(number.get().longValue());
        return FactForms.day(day, "monthDayYear");
      }
      String zeros = format.matches("0+") ? format : "";
      String plain = number.get().stripTrailingZeros().toPlainString();
      return "0".repeat(Math.max(0, zeros.length() - plain.length())) + plain;
    }
    return Optional.ofNullable(cell.getText()).orElse("");
  }
}

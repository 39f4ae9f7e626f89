package org.zipthimble.core.importer;

import java.nio.charset.Charset;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** Every kind of file that can be brought in; of several files that come together those of the first kind are taken. */
public final class Importers {
  private static final Importer PICTURES = new PictureImporter();
  private static final Importer SVG = new SvgImporter();
  private static final Importer TABLE = new TableImporter();
  private static final Importer PALETTE = new PaletteImporter();
  private static final WordStyle PLAIN = new WordStyle("Alegreya", "Regular", 12, 130, 0, Align.LEFT, Colour.BLACK);

  private static final List<Importer> ALL = List.of(
      SVG, new DxfImporter(), new FontImporter(), new TextImporter(), TABLE, PALETTE,
      new PdfImporter(), PICTURES);

  private Importers() {}

  /** All of them, in order. */
  public static List<Importer> all() {
    return ALL;
  }

  /** The kind for a file's name; a name of no kind may still be that of a picture, whose bytes tell. */
  public static Importer of(String fileName) {
    return ALL.stream().filter(i -> i.named(fileName)).findFirst().orElse(PICTURES);
  }

  /** The kind for a file where one chose what it is to bring. */
  public static Optional<Importer> of(String fileName, Importer.Brings wanted) {
    return ALL.stream().filter(i -> i.brings() == wanted && i.named(fileName)).findFirst();
  }

  /**
   * The shapes of a drawing file.
   *
   * @param perInch units for each inch, for files that do not say
   * @throws Trouble when it is none or cannot be read
   */
  public static ImportedDrawing drawing(Path file, OptionalDouble perInch) throws Trouble {
    Bringing how = Bringing.usual(PLAIN);
    String name = file.getFileName().toString();
    return of(name, Importer.Brings.DRAWING).orElse(SVG).read(file, perInch.isPresent() ? how.scaled(perInch.getAsDouble()) : how).shapes()
        .orElseThrow();
  }

  /**
   * The pictures of a file: one of most, each page of a PDF.
   *
   * @throws Trouble when it is none or cannot be read
   */
  public static List<Picture> pictures(Path file) throws Trouble {
    return of(file.getFileName().toString(), Importer.Brings.PICTURES).orElse(PICTURES).read(file, Bringing.usual(PLAIN)).pictures();
  }

  /**
   * The colours of a palette file.
   *
   * @throws Trouble when it is none or cannot be read
   */
  public static List<Swatch> palette(Path file) throws Trouble {
    return of(file.getFileName().toString(), Importer.Brings.PALETTE).orElse(PALETTE).read(file, Bringing.usual(PLAIN)).swatches();
  }

  /**
   * The rows of a list file.
   *
   * @param encoding where it is not found rightly
   * @param sheet of a workbook; the first without it
   * @throws Trouble when it is none or cannot be read
   */
  public static TableIn.Table table(Path file, Optional<Charset> encoding, Optional<String> sheet) throws Trouble {
    return of(file.getFileName().toString(), Importer.Brings.LIST).orElse(TABLE).read(file, Bringing.usual(PLAIN).listed(encoding, sheet))
        .rows()
        .orElseThrow();
  }

  /** Of several files those that are taken together: the ones that bring what the first kind among them brings. */
  public static List<Path> together(List<Path> files) {
    Comparator<Path> order = Comparator.comparingInt(f -> ALL.indexOf(of(f.getFileName().toString())));
    return files.stream().min(order).map(first -> {
      Importer.Brings brings = of(first.getFileName().toString()).brings();
      return files.stream().filter(f -> of(f.getFileName().toString()).brings() == brings).toList();
    }).orElse(List.of());
  }

  /** What names of files end in that bring one of some things, with the dot. */
  public static List<String> endings(Importer.Brings... wanted) {
    List<Importer.Brings> brings = List.of(wanted);
    return ALL.stream().filter(i -> brings.contains(i.brings())).flatMap(i -> i.endings().stream()).distinct().toList();
  }
}

package org.zipthimble.core.paint;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HexFormat;
import java.util.Optional;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.marks.FinishedArea;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.ProcessingStep;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.marks.Stamp;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Writes marks as the content of one PDF page. The page's own map to inches, y downwards, is set first. */
final class PdfOut implements MarkOut {
  private static final String BEGINNING = "0 g 0 G 1 w 0 J 0 j 10 M [] 0 d";

  private static final Affine UPRIGHT = Affine.scale(1, -1);

  private final PDDocument document;
  private final PdfAssets assets;
  private final PdfColours colours;
  /** How far marks are seen, in inches. */
  private final Box area;
  private final Deque<Layer> layers = new ArrayDeque<>();

  /** Whether what words say has been told already. */
  private boolean saying;

  /** Whether anything mixes with what lies below it on the page. */
  private boolean mixes;

  private record Layer(PdfText text, PDResources resources) {
    Layer() {
      this(new PdfText(), new PDResources());
    }
  }

  PdfOut(PDDocument document, PdfAssets assets, Size size) {
    this.document = document;
    this.assets = assets;
    this.colours = assets.colours();
    this.area = new Box(0, 0, size.width(), size.height());
    layers.push(new Layer());
    text().matrix(new Affine(72, 0, 0, -72, 0, size.height() * 72), "cm");
  }

  /** What is stored by itself, in the inches in which it is drawn. */
  private PdfOut(PdfOut page, Box area) {
    this.document = page.document;
    this.assets = page.assets;
    this.colours = page.colours;
    this.area = area;
    this.saying = page.saying;
    layers.push(new Layer());
  }

  /**
   * A page's group begins without a backdrop, so that nothing mixes with bare paper; where something is to, the paper is laid down first.
   */
  String content() {
    String paper = mixes ? colours.paper() + " 0 0 " + PdfText.joined(area.width() * 72, area.height() * 72) + " re f\n" : "";
    return paper + text().text();
  }

  PDResources resources() {
    return layers.getLast().resources();
  }

  @Override
  public void fill(Path path, Colour colour) {
    if (!path.segments().isEmpty()) {
      text().raw(colours.fill(colour, false, here())).path(path).raw("f");
    }
  }

  @Override
  public void fill(Path path, Shade shade) {
    if (!path.segments().isEmpty()) {
      COSName name = layers.peek().resources().add(PdfShades.shading(shade, colours));
      text().raw("q").path(path).raw("W n").matrix(shade.toPage(), "cm").raw("/" + name.getName() + " sh").raw("Q");
    }
  }

  @Override
  public void fill(Path path, FinishedArea finish) {
    if (colours.plated(finish.colour())) {
      fill(path, finish.colour());
    } else {
      MarkOut.super.fill(path, finish);
    }
  }

  @Override
  public void line(Path path, Pen pen) {
    if (path.segments().isEmpty()) {
      return;
    }
    boolean plain = pen.dashes().isEmpty() && pen.end() == LineEnd.BUTT && pen.corner() == Corner.MITRE && pen.spot().isEmpty();
    if (plain) {
      text().raw(colours.stroke(pen.colour(), here())).numbers("w", pen.width()).path(path).raw("S");
      return;
    }
    text().raw("q");
    if (pen.spot().isPresent()) {
      COSName name = layers.peek().resources().add(assets.spot(pen.spot().get(), pen.colour()));
      text().raw("/" + name.getName() + " CS 1 SCN");
      COSName over = layers.peek().resources().add(PdfShades.overprint());
      text().raw("/" + over.getName() + " gs");
    } else {
      text().raw(colours.stroke(pen.colour(), here()));
    }
    text().raw(pen.end().ordinal() + " J " + join(pen.corner()) + " j " + PdfShades.dashes(pen.dashes()));
    text().numbers("w", pen.width()).path(path).raw("S").raw("Q");
  }

  /** What words that follow say to a reader, however their glyphs stand (ISO 32000-1, 14.9.4). */
  private static String span(String said) {
    return "/Span <</ActualText <FEFF" + hex(said.getBytes(StandardCharsets.UTF_16BE)) + ">>> BDC";
  }

  /** The characters that the glyphs of a cluster stand for. */
  private static String letter(GlyphRun run, int cluster) {
    return run.glyphs().stream().filter(g -> g.cluster() == cluster).map(Glyph::text).collect(java.util.stream.Collectors.joining());
  }

  @Override
  public Scope said(String said) {
    text().raw(span(said));
    saying = true;
    return () -> {
      saying = false;
      text().raw("EMC");
    };
  }

  /** The line join of ISO 32000-1, table 55. */
  private static int join(Corner corner) {
    return corner == Corner.MITRE ? 0 : corner == Corner.ROUND ? 1 : 2;
  }

  @Override
  public Scope step(ProcessingStep step) {
    COSName name = layers.peek().resources().add(assets.layer(step));
    text().raw("/OC /" + name.getName() + " BDC");
    return () -> text().raw("EMC");
  }

  /** Text that is read and not painted (ISO 32000-1, 9.3.6). */
  @Override
  public void told(GlyphRun run, Affine toPage) {
    try {
      PDType0Font font = assets.font(run);
      COSName name = layers.peek().resources().add(font);
      text().raw("BT").raw("3 Tr").raw("/" + name.getName() + " " + PdfText.number(run.em()) + " Tf").matrix(UPRIGHT.then(toPage), "Tm");
      for (Glyph glyph : run.glyphs()) {
        text().numbers("Td", glyph.x(), -glyph.y()).raw("<" + hex(font.encodeGlyphId(glyph.id())) + "> Tj")
            .numbers("Td", -glyph.x(), glyph.y());
      }
      text().raw("0 Tr").raw("ET");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    if (run.glyphs().isEmpty()) {
      return;
    }
    try {
      PDType0Font font = assets.font(run);
      COSName name = layers.peek().resources().add(font);
      // readers take letters from right to left as they stand and turn them round themselves: each letter is told by itself
      boolean alone = !saying && !run.rightToLeft();
      if (alone) {
        text().raw(span(run.text()));
      }
      boolean over = colours.overprints(colour);
      if (over) {
        text().raw("q").raw("/" + here().add(PdfShades.overprint()).getName() + " gs");
      }
      text().raw("BT").raw(colours.fill(colour, true, here())).raw("/" + name.getName() + " " + PdfText.number(run.em()) + " Tf");
      text().matrix(UPRIGHT.then(toPage), "Tm");
      double x = 0;
      double y = 0;
      boolean each = run.rightToLeft();
      int cluster = -1;
      for (Glyph glyph : run.glyphs()) {
        if (each && glyph.cluster() != cluster) {
          text().raw((cluster >= 0 ? "EMC\n" : "") + span(letter(run, glyph.cluster())));
          cluster = glyph.cluster();
        }
        text().numbers("Td", glyph.x() - x, y - glyph.y()).raw("<" + hex(font.encodeGlyphId(glyph.id())) + "> Tj");
        x = glyph.x();
        y = glyph.y();
      }
      if (cluster >= 0) {
        text().raw("EMC");
      }
      text().raw(over ? "ET Q" : "ET");
      if (alone) {
        text().raw("EMC");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    try {
      PDXObject drawn = assets.picture(picture, Math.hypot(toPage.a(), toPage.b()), Math.hypot(toPage.c(), toPage.d()));
      if (drawn instanceof PDFormXObject) {
        // A page begins with black, lines of one point without dashes; a form begins with what was last used (ISO 32000-1, 8.4.1, 8.10.1).
        text().raw("q").raw(BEGINNING);
        place(here().add(drawn, "Form"), toPage);
        text().raw("Q");
      } else {
        place(here().add(drawn, "Im"), toPage);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (Trouble e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }

  private void place(COSName picture, Affine toPage) {
    Affine unit = UPRIGHT.then(Affine.move(0, 1)).then(toPage);
    text().raw("q").matrix(unit, "cm").raw("/" + picture.getName() + " Do").raw("Q");
  }

  @Override
  public void stamp(Stamp stamp, Affine toPage) {
    PdfAssets.Stamped stored = assets.stamped(stamp.key()).orElseGet(() -> {
      PdfOut own = new PdfOut(this, stamp.area());
      stamp.marks().draw(Affine.IDENTITY, own);
      return assets.keep(stamp.key(), new PdfAssets.Stamped(stream(own.layers.peek(), stamp.area(), Optional.empty()), own.mixes));
    });
    mixes |= stored.mixes() && layers.size() == 1;
    text().raw("q").matrix(toPage, "cm").raw("/" + here().add(stored.form()).getName() + " Do").raw("Q");
  }

  @Override
  public Scope clip(Path path) {
    // A clip without a path is none at all: what shows through nothing is shown through an empty box.
    text().raw("q").path(path).raw(path.segments().isEmpty() ? "0 0 0 0 re W n" : "W n");
    return () -> text().raw("Q");
  }

  @Override
  public Scope opacity(double opacity) {
    layers.push(new Layer());
    return () -> {
      Layer layer = layers.pop();
      text().raw("q").raw(state(PdfArt.laid(opacity, "Normal"))).raw("/" + here().add(form(layer)).getName() + " Do").raw("Q");
    };
  }

  private String state(PDExtendedGraphicsState state) {
    return "/" + here().add(state).getName() + " gs";
  }

  @Override
  public void art(Art art) {
    mixes |= art.blend() != Blend.NORMAL && layers.size() == 1;
    PdfArt.of(document, art, assets.halvings()).ifPresent(soft -> {
      art.shadow().ifPresent(h -> halo(soft, h, art.opacity()));
      art.glow().ifPresent(h -> halo(soft, h, art.opacity()));
      layers.push(new Layer());
      if (art.blur() > 0) {
        blurred(soft);
      } else {
        art.marks().accept(this);
      }
      Layer layer = layers.pop();
      boolean feathered = art.feather() > 0 && art.blur() <= 0;
      text().raw("q").raw(state(PdfArt.laid(feathered ? 1 : art.opacity(), art.blend().pdf())));
      if (feathered) {
        text().raw(state(soft.feathered()));
      }
      text().raw("/" + here().add(form(layer)).getName() + " Do").raw("Q");
    });
  }

  /** Plain colour, as dense as a halo is. */
  private void halo(PdfArt soft, Art.Halo halo, double opacity) {
    Path area = Shapes.rectangle(soft.placed(halo.shift()).apply(new Box(0, 0, 1, 1)));
    text().raw("q").raw(state(soft.masked(halo, opacity)));
    fill(area, halo.colour());
    text().raw("Q");
  }

  private void blurred(PdfArt soft) {
    try {
      place(here().add(assets.image(soft.image())), soft.placed(new Point(0, 0)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private PDFormXObject form(Layer layer) {
    COSDictionary group = new COSDictionary();
    group.setItem(COSName.TYPE, COSName.GROUP);
    group.setItem(COSName.S, COSName.TRANSPARENCY);
    group.setBoolean(COSName.I, true);
    group.setItem(COSName.CS, colours.space());
    return stream(layer, area, Optional.of(group));
  }

  /** What a layer holds as a form (ISO 32000-1, 8.10); without a group it is drawn as if its marks stood there themselves. */
  private PDFormXObject stream(Layer layer, Box within, Optional<COSDictionary> group) {
    COSStream stream = document.getDocument().createCOSStream();
    stream.setItem(COSName.TYPE, COSName.XOBJECT);
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      out.write(layer.text().text().getBytes(StandardCharsets.US_ASCII));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    PDFormXObject form = new PDFormXObject(stream);
    form.setBBox(new PDRectangle((float) within.x(), (float) within.y(), (float) within.width(), (float) within.height()));
    form.setResources(layer.resources());
    group.ifPresent(g -> stream.setItem(COSName.GROUP, g));
    return form;
  }

  private PDResources here() {
    return layers.peek().resources();
  }

  private PdfText text() {
    return layers.peek().text();
  }

  private static String hex(byte[] bytes) {
    return HexFormat.of().withUpperCase().formatHex(bytes);
  }
}

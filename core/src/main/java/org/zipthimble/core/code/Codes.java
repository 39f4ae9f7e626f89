package org.zipthimble.core.code;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.kept.Recent;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;
import uk.org.okapibarcode.backend.Code128;
import uk.org.okapibarcode.backend.DataMatrix;
import uk.org.okapibarcode.backend.Ean;
import uk.org.okapibarcode.backend.HumanReadableLocation;
import uk.org.okapibarcode.backend.OkapiException;
import uk.org.okapibarcode.backend.QrCode;
import uk.org.okapibarcode.backend.Symbol;
import uk.org.okapibarcode.backend.Upc;
import uk.org.okapibarcode.graphics.Rectangle;
import uk.org.okapibarcode.graphics.TextBox;

/** Encodes what a code says and draws it as outlines, in modules. Safe for several threads. */
public final class Codes {
  /** The longest content that is taken. */
  public static final int LONGEST = 2000;

  private static final int MOST_KEPT = 200;

  /** Bars so many modules high; the figures stand below. A nominal UPC-A or EAN-13 is 22.85 mm over a module of 0.33 mm. */
  private static final int BARS = 69;

  private static final int OTHER_BARS = 40;
  private static final double FIGURES = 8.2;

  private static final Recent<CodeContent, Void, Drawn> KEPT = Recent.plain(MOST_KEPT, asked -> drawn(asked.kind(), asked.content()));

  private record CodeContent(CodeKind kind, String content) {}

  /**
   * A code in modules, quiet zone included.
   *
   * @param bars its dark parts and the figures below them
   * @param trouble why there is nothing to draw
   */
  public record Drawn(Path bars, double width, double height, Optional<Trouble> trouble) {}

  private Codes() {}

  /** A code for a content; empty with the reason where the content cannot be encoded. */
  public static Drawn draw(CodeKind kind, String content) {
    return KEPT.get(new CodeContent(kind, content));
  }

  private static Drawn drawn(CodeKind kind, String content) {
    try {
      if (content.isEmpty() || content.length() > LONGEST) {
        throw content.isEmpty() ? Trouble.of("code.empty") : Trouble.of("code.long", content.length());
      }
      if (kind == CodeKind.UPC_A || kind == CodeKind.EAN_13) {
        digits(kind, content);
      }
      Symbol symbol = symbol(kind);
      symbol.setModuleWidth(1);
      if (!kind.matrix()) {
        symbol.setBarHeight(kind == CodeKind.CODE_128 ? OTHER_BARS : BARS);
        symbol.setHumanReadableLocation(HumanReadableLocation.BOTTOM);
      }
      symbol.setContent(content);
      return drawn(kind, symbol);
    } catch (Trouble trouble) {
      return new Drawn(Path.EMPTY, 1, 1, Optional.of(trouble));
    } catch (OkapiException | IllegalArgumentException | IndexOutOfBoundsException e) {
      return new Drawn(Path.EMPTY, 1, 1,
          Optional.of(Trouble.because(e, "code.unfit", content.length() > 40 ? content.substring(0, 40) + "…" : content)));
    }
  }

  /** Figures, with or without the last one, which checks the others. */
  private static void digits(CodeKind kind, String content) throws Trouble {
    int wanted = kind == CodeKind.UPC_A ? 11 : 12;
    if (!content.matches("\\d{" + wanted + "," + (wanted + 1) + "}")) {
      throw Trouble.of("code.digits", wanted, wanted + 1);
    }
    int check = checkDigit(content.substring(0, wanted));
    if (content.length() > wanted && content.charAt(wanted) - '0' != check) {
      throw Trouble.of("code.check", content.charAt(wanted), check);
    }
  }

  /** The last figure of a UPC-A or EAN-13: to the next ten, with weights 3 and 1 from the right (GS1 General Specifications, 7.9). */
  public static int checkDigit(String figures) {
    int sum = 0;
    for (int i = 0; i < figures.length(); i++) {
      sum += (figures.charAt(figures.length() - 1 - i) - '0') * (i % 2 == 0 ? 3 : 1);
    }
    return (10 - sum % 10) % 10;
  }

  private static Symbol symbol(CodeKind kind) {
    return switch (kind) {
      case QR -> {
        QrCode qr = new QrCode();
        qr.setPreferredEccLevel(QrCode.EccLevel.M);
        yield qr;
      }
      case DATA_MATRIX -> new DataMatrix();
      case UPC_A -> new Upc(Upc.Mode.UPCA);
      case EAN_13 -> new Ean(Ean.Mode.EAN13);
      case CODE_128 -> new Code128();
    };
  }

  private static Drawn drawn(CodeKind kind, Symbol symbol) {
    List<Path> parts = new ArrayList<>();
    double left = Double.MAX_VALUE;
    double right = 0;
    double bottom = 0;
    for (Rectangle r : symbol.getRectangles()) {
      parts.add(Shapes.rectangle(new Box(r.x, r.y, r.width, r.height)));
      left = Math.min(left, r.x);
      right = Math.max(right, r.x + r.width);
      bottom = Math.max(bottom, r.y + r.height);
    }
    // what touches is one outline: seams between modules would show in print
    Path bars = Combine.combine(Way.JOIN, parts);
    Affine into = Affine.move(kind.quiet().left() - left, kind.quiet().top());
    bars = bars.mapped(into);
    double height = bottom + kind.quiet().top() + kind.quiet().bottom();
    for (TextBox text : symbol.getTexts()) {
      bars = bars.plus(figures(text).mapped(into));
      height = Math.max(height, text.y + 1.2);
    }
    return new Drawn(bars, right - left + kind.quiet().left() + kind.quiet().right(), height, Optional.empty());
  }

  /** The figures that people read, spread over the room that they have below their bars. */
  private static Path figures(TextBox box) {
    FontFace face = BundledFonts.shelf().findOrStandIn("Figtree", "Medium");
    double em = FIGURES / face.capHeight() * 0.8;
    WordStyle style = new WordStyle("Figtree", "Medium", Math.min(WordStyle.MOST_PT, em * 72), 100, 0, Align.CENTRE, Colour.BLACK);
    SetWords set = Typesetter.set(box.text, style, Math.max(box.width, 1) + 200, 100, BundledFonts.shelf());
    Path outline = set.outline();
    double baseline = set.lines().isEmpty() ? 0 : set.lines().get(0).baseline().y();
    return outline.mapped(Affine.move(box.x - 100, box.y - baseline));
  }
}

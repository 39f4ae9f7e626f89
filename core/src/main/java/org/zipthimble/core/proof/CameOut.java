package org.zipthimble.core.proof;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/**
 * A sheet that came out of a printer, set beside what was asked for.
 *
 * @param picture of the whole sheet, seen from its printed side
 * @param ppi pixels per inch of the picture
 * @param how the page was laid on the paper
 * @param transferPaper whether it is coated for transfers
 * @param transferInk whether the ink is for transfers
 * @param rightSide whether the side that was to be printed was
 * @param wanted the paper that was asked for
 */
public record CameOut(BufferedImage picture, double ppi, Printing how, boolean transferPaper, boolean transferInk, boolean rightSide,
    Size wanted) {
  private static final double LOOK_PPI = 50;

  /** Sizes that are off by less are right, as a part: a hair on a foot. */
  private static final double TOLERANCE = 0.001;

  /** So much darker than white, over three colours, is no paper. */
  private static final double DARK = 40;

  /** Two edges in the picture and two in the page may each be off by about a pixel. */
  private static final double PIXELS = 4;

  /**
   * What is found, a line a question.
   *
   * @param page as it was sent, and as it is seen
   * @param sent whether this program turned it left for right
   */
  public List<Measured.Line> lines(Job job, DrawnPage page, DrawnPage seen, boolean sent) {
    Unit unit = job.ticket().unit();
    List<Measured.Line> out = new ArrayList<>();
    out.add(size(page, unit));
    out.add(edges(page, unit));
    out.add(mirror(job, page, seen));
    out.add(new Measured.Line(Wording.text("cameOut.paper"), Lengths.show(round(wanted), unit), Lengths.show(round(how.paper()), unit),
        same(wanted, how.paper())));
    boolean transfer = job.process() == Process.TRANSFER;
    out.add(new Measured.Line(Wording.text("cameOut.kind"), kind(transfer, transfer), kind(transferPaper, transferInk),
        transfer ? transferPaper && transferInk : !transferPaper && !transferInk));
    out.add(new Measured.Line(Wording.text("cameOut.side"), Wording.text("cameOut.side.right"),
        Wording.text(rightSide ? "cameOut.side.right" : "cameOut.side.wrong"), rightSide));
    return List.copyOf(out);
  }

  private static String kind(boolean paper, boolean ink) {
    return Wording.text(paper ? "cameOut.transferPaper" : "cameOut.otherPaper") + ", "
        + Wording.text(ink ? "cameOut.transferInk" : "cameOut.otherInk");
  }

  private static Size round(Size size) {
    return new Size(Math.round(size.width() * 100) / 100.0, Math.round(size.height() * 100) / 100.0);
  }

  private static boolean same(Size a, Size b) {
    return Math.abs(a.width() - b.width()) < 0.03 && Math.abs(a.height() - b.height()) < 0.03 || Math.abs(a.width() - b.height()) < 0.03
        && Math.abs(a.height() - b.width()) < 0.03;
  }

  private Measured.Line size(DrawnPage page, Unit unit) {
    double told = how.scale(page.size());
    Optional<Taken> taken = measured(page);
    // what the picture shows to within its pixels is what was told
    double scale = taken.filter(t -> Math.abs(t.scale() - told) * t.extent() * ppi > PIXELS).map(Taken::scale).orElse(told);
    Size trim = new Size(page.trim().width(), page.trim().height());
    Size came = new Size(trim.width() * scale, trim.height() * scale);
    String found = Wording.text("cameOut.size", plain(came.width(), unit), plain(came.height(), unit), unit.sign(),
        Lengths.plain(scale * 100, 2));
    return new Measured.Line(Wording.text("cameOut.sizeName"), Lengths.show(trim, unit), found, Math.abs(scale - 1) < TOLERANCE);
  }

  private static String plain(double inches, Unit unit) {
    return Lengths.plain(unit.fromInches(inches), 3);
  }

  /** A scale taken from a picture, by an extent in inches of the page. */
  private record Taken(double scale, double extent) {}

  /**
   * The scale as the picture alone shows it: the extent of what is dark in it against that of the page; empty where something is lost, or
   * nothing is dark.
   */
  private Optional<Taken> measured(DrawnPage page) {
    Insets lost = how.lost(page.size(), page.bleed());
    if (lost.most() > 0) {
      return Optional.empty();
    }
    BufferedImage art = FacePainter.onPaper(page, LOOK_PPI * 2, Halvings.SHARED);
    Optional<Box> wantedBox = dark(art, LOOK_PPI * 2);
    Optional<Box> foundBox = dark(picture, ppi);
    if (wantedBox.isEmpty() || foundBox.isEmpty()) {
      return Optional.empty();
    }
    boolean turned = how.turned(page.size());
    Box w = wantedBox.get();
    Box f = foundBox.get();
    boolean wide = w.width() >= w.height();
    double from = wide ? w.width() : w.height();
    double to = wide != turned ? f.width() : f.height();
    return from < 1 ? Optional.empty() : Optional.of(new Taken(to / from, from));
  }

  /** The box around all that is no paper, in inches; its edges are put where the darkness is half way in between. */
  private static Optional<Box> dark(BufferedImage image, double ppi) {
    int left = Integer.MAX_VALUE;
    int right = -1;
    int top = Integer.MAX_VALUE;
    int bottom = -1;
    int[] row = new int[image.getWidth()];
    for (int y = 0; y < image.getHeight(); y++) {
      Pixels.row(image, y, row);
      for (int x = 0; x < row.length; x++) {
        int p = row[x];
        if (765 - (p >> 16 & 255) - (p >> 8 & 255) - (p & 255) > DARK) {
          left = Math.min(left, x);
          right = Math.max(right, x);
          top = Math.min(top, y);
          bottom = Math.max(bottom, y);
        }
      }
    }
    return right < 0 ? Optional.empty() : Optional.of(new Box(left / ppi, top / ppi, (right + 1 - left) / ppi, (bottom + 1 - top) / ppi));
  }

  private Measured.Line edges(DrawnPage page, Unit unit) {
    Insets bleed = how.lost(page.size(), page.bleed());
    Insets trim = how.lost(page.size(), page.trim());
    List<String> words = new ArrayList<>();
    for (Side side : Side.values()) {
      if (bleed.at(side) > 0.002) {
        words.add(Wording.text(trim.at(side) > 0.002 ? "cameOut.lostItem" : "cameOut.lostBleed", side.spoken(),
            plain(bleed.at(side), unit), unit.sign()));
      }
    }
    return new Measured.Line(Wording.text("cameOut.edges"), Wording.text("cameOut.whole"), words.isEmpty() ? Wording.text("cameOut.whole")
        : String.join(", ", words), words.isEmpty());
  }

  private Measured.Line mirror(Job job, DrawnPage page, DrawnPage seen) {
    WayRound found = wayRound(page, seen);
    WayRound wantedWay = job.mustMirror() ? WayRound.MIRRORED : WayRound.AS_SEEN;
    return new Measured.Line(Wording.text("mirror.line"), Wording.of(wantedWay), Wording.of(found),
        found == wantedWay || found == WayRound.EITHER);
  }

  /** Which way round the art lies on the sheet, from its pixels. */
  public WayRound wayRound(DrawnPage page, DrawnPage seen) {
    BufferedImage art = FacePainter.onPaper(seen, LOOK_PPI, Halvings.SHARED);
    // the sheet seen as the page would be had the printer not turned it left for right
    Printing plain = how.withMirror(false);
    Affine toSheet = Affine.scale(1 / LOOK_PPI, 1 / LOOK_PPI).then(plain.place(page.size())).then(Affine.scale(ppi, ppi));
    BufferedImage found = new BufferedImage(art.getWidth(), art.getHeight(), BufferedImage.TYPE_INT_RGB);
    Affine back = toSheet.inverse();
    var g = found.createGraphics();
    g.setColor(java.awt.Color.WHITE);
    g.fillRect(0, 0, found.getWidth(), found.getHeight());
    g.setRenderingHint(java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(picture, new java.awt.geom.AffineTransform(back.a(), back.b(), back.c(), back.d(), back.e(), back.f()), null);
    g.dispose();
    return WayRound.of(found, art);
  }
}

package org.zipthimble.core.send;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.Caption;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.view.Camera;
import org.zipthimble.core.view.OnPhoto;
import org.zipthimble.core.view.OnThing;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** What the pages share that go with a job: pictures of it, rows of figures, boxes to tick. US letter, upright. */
final class Paperwork {
  static final Size PAGE = new Size(8.5, 11);
  static final double MARGIN = 0.6;
  static final double WIDE = PAGE.width() - 2 * MARGIN;

  private static final Colour HAIR = new Colour(0xB9, 0xB0, 0x9C);
  private static final double PPI = 200;
  private static final int ROUND_PIXELS = 1100;

  private Paperwork() {}

  /** A page of a name. */
  static DrawnPage page(String name, java.util.function.Consumer<MarkOut> marks) {
    Box whole = new Box(0, 0, PAGE.width(), PAGE.height());
    return new DrawnPage(name, PAGE, whole, whole, marks);
  }

  /** The head of a page and the line under it. */
  static void head(MarkOut out, String kind, Job job, String right) {
    Caption.words(out, kind.toUpperCase(java.util.Locale.ROOT), "Figtree", "Bold", 9, new Box(MARGIN, 0.5, WIDE, 0.25),
        org.zipthimble.core.type.Align.LEFT, Caption.INK);
    Caption.words(out, right, "Figtree", "Regular", 9, new Box(MARGIN, 0.5, WIDE, 0.25), org.zipthimble.core.type.Align.RIGHT, Caption.INK);
    Caption.heading(out, job.name(), 20, new Box(MARGIN, 0.68, WIDE, 0.5));
    rule(out, 1.14);
  }

  static void rule(MarkOut out, double y) {
    out.line(Shapes.line(new Point(MARGIN, y), new Point(PAGE.width() - MARGIN, y)), Pen.plain(0.01, HAIR));
  }

  /** A row of a name and what it is; gives where the next begins. */
  static double row(MarkOut out, double x, double y, double wide, String name, String value) {
    double left = 1.15;
    Caption.strong(out, name, 9, new Box(x, y, left, 0.3));
    Caption.plain(out, value, 9, new Box(x + left, y, wide - left, 1));
    int lines = 1 + (int) (value.length() * 0.064 / (wide - left));
    return y + 0.185 * Math.max(1, lines);
  }

  /** An empty box to tick and its words; gives where the next begins. */
  static double tick(MarkOut out, double x, double y, double wide, String words) {
    out.line(Shapes.rectangle(new Box(x, y + 0.02, 0.12, 0.12), 0.02), Pen.plain(0.01, Caption.INK));
    Caption.plain(out, words, 9, new Box(x + 0.22, y, wide - 0.22, 0.6));
    int lines = 1 + (int) (words.length() * 0.064 / (wide - 0.22));
    return y + 0.22 + 0.17 * (lines - 1);
  }

  /** A picture within a box, in the middle of it; gives the box it takes. */
  static Box picture(MarkOut out, BufferedImage image, Box within) {
    double scale = Math.min(within.width() / image.getWidth(), within.height() / image.getHeight());
    Box at = new Box(within.centre().x() - image.getWidth() * scale / 2, within.y(), image.getWidth() * scale, image.getHeight() * scale);
    Picture picture = Picture.of(new Blob(PngFile.bytes(image, PPI)), Kind.PNG, "picture", image.getWidth(), image.getHeight());
    out.picture(picture, Affine.scale(at.width(), at.height()).then(Affine.move(at.x(), at.y())));
    return at;
  }

  /** A face as it leaves, trimmed, on white; turned left for right or not. */
  static BufferedImage flat(Job job, Face face, boolean mirrored) {
    try {
      PageOptions options = PageOptions.of(false, mirrored, job.sheet().withOnPaper(false).withGang(Optional.empty()));
      // what is only cut is seen in the colours it has
      boolean prints = Scene.of(face).leaves().stream().anyMatch(SceneNode::printed);
      DrawnPage page = prints ? Imposition.of(job, face, options) : Imposition.bench(job, face);
      double ppi = Math.min(PPI, 1400 / Math.max(page.size().width(), page.size().height()));
      return FacePainter.onPaper(page, ppi, Halvings.SHARED);
    } catch (Trouble e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }

  /** A face on its thing, or in the person's photograph where there is one, on white. */
  static BufferedImage seen(Job job, Face face) {
    if (job.making().photo().isPresent()) {
      Optional<BufferedImage> photo = photo(job, face);
      if (photo.isPresent()) {
        return photo.get();
      }
    }
    Camera camera = OnThing.usual(job, face);
    BufferedImage image = OnThing.of(job, face).draw(camera, ROUND_PIXELS, ROUND_PIXELS, 2);
    BufferedImage out = new BufferedImage(ROUND_PIXELS, ROUND_PIXELS, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, ROUND_PIXELS, ROUND_PIXELS);
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return cropped(image, out);
  }

  /** The part in which something is seen, with a little room around it. */
  private static BufferedImage cropped(BufferedImage seen, BufferedImage out) {
    int left = ROUND_PIXELS;
    int right = 0;
    int top = ROUND_PIXELS;
    int low = 0;
    int[] row = new int[ROUND_PIXELS];
    for (int y = 0; y < ROUND_PIXELS; y++) {
      Pixels.row(seen, y, row);
      for (int x = 0; x < ROUND_PIXELS; x++) {
        if (row[x] >>> 24 > 8) {
          left = Math.min(left, x);
          right = Math.max(right, x);
          top = Math.min(top, y);
          low = Math.max(low, y);
        }
      }
    }
    return right <= left || low <= top ? out : out.getSubimage(left, top, right + 1 - left, low + 1 - top);
  }

  private static Optional<BufferedImage> photo(Job job, Face face) {
    try {
      BufferedImage photo = Pictures.decode(job.pictures().get(job.making().photo().get().picture()));
      return Optional.of(OnPhoto.draw(photo, OnThing.art(job, face), job.making().photo().get()));
    } catch (Trouble damaged) {
      // a photograph that cannot be read is told by the check of pictures; the page shows the thing instead
      return Optional.empty();
    }
  }

  /** The finished size, and of a curved band the size of the box around it too. */
  static String size(Job job, Face face) {
    String size = Lengths.show(job.frame(face).size(), job.ticket().unit());
    Leaving leaving = Leaving.of(job, face);
    return leaving.bend().isEmpty() ? size : Wording.text(
        "paperwork.band", size, Lengths.show(round(leaving.frame().size()), job.ticket().unit()));
  }

  private static Size round(Size size) {
    return new Size(Math.round(size.width() * 1000) / 1000.0, Math.round(size.height() * 1000) / 1000.0);
  }

  /** How art passes the edge, by sides where they differ. */
  static String overhang(Job job, Face face) {
    var bleed = job.frame(face).bleed();
    return bleed.even() ? Lengths.showWithSign(bleed.most(), job.ticket().unit())
        : Wording.text("paperwork.sides", List.of(bleed.left(), bleed.top(), bleed.right(), bleed.bottom()).stream()
        .map(b -> Lengths.show(b, job.ticket().unit())).toArray());
  }

  /** Whether and by whom it is turned left for right. */
  static String mirror(Job job) {
    if (!job.mustMirror()) {
      return Wording.text("paperwork.asSeen");
    }
    return Wording.text(switch (MirrorGuard.ofPages(job, job.mirrorsHere())) {
      case RIGHT -> job.mirrorsHere() ? "paperwork.mirroredHere" : "paperwork.mirroredThere";
      default -> "paperwork.mirrorMissing";
    });
  }
}

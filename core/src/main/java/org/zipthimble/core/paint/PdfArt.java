package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.picture.Halvings;

/**
 * What is soft about art, as pixels fine enough for its bells: the densities of halos and feathers are soft masks of plain colour and
 * of live marks (ISO 32000-1, 11.6.5.3), and only what is blurred becomes a picture.
 */
final class PdfArt {
  private static final double FINEST = 600;
  private static final double USUAL = 300;
  private static final double COARSEST = 100;
  private static final double PER_BELL = 10;
  private static final double MOST_PIXELS = 60_000_000;

  private final PDDocument document;
  private final Affine toPixels;
  private final BlurredArt softened;
  private final Halvings pictures;
  private final Art art;

  private PdfArt(PDDocument document, Affine toPixels, BlurredArt softened, Halvings pictures, Art art) {
    this.document = document;
    this.toPixels = toPixels;
    this.softened = softened;
    this.pictures = pictures;
    this.art = art;
  }

  static Optional<PdfArt> of(PDDocument document, Art art, Halvings pictures) {
    Box area = art.area().grown(art.reach());
    double ppi = Math.min(ppi(art), Math.sqrt(MOST_PIXELS / Math.max(1e-6, area.width() * area.height())));
    Affine toPixels = Affine.move(-area.x(), -area.y()).then(Affine.scale(ppi, ppi));
    Box seen = new Box(0, 0, area.width() * ppi, area.height() * ppi);
    return BlurredArt.of(art, toPixels, seen, pictures).map(s -> new PdfArt(document, toPixels, s, pictures, art));
  }

  private static double ppi(Art art) {
    double least = Double.MAX_VALUE;
    least = art.blur() > 0 ? Math.min(least, art.blur()) : least;
    least = art.feather() > 0 ? Math.min(least, art.feather()) : least;
    least = Math.min(least, art.shadow().map(Art.Halo::sigma).orElse(least));
    least = Math.min(least, art.glow().map(Art.Halo::sigma).orElse(least));
    return least < 0.5 / USUAL ? FINEST : Math.max(COARSEST, Math.min(USUAL, PER_BELL / least));
  }

  BufferedImage image() {
    return softened.image();
  }

  /** The map from the unit square to the page, for pictures of the size of {@link #image()}. */
  Affine placed(Point shift) {
    double width = softened.image().getWidth();
    double height = softened.image().getHeight();
    return Affine.scale(width, height).then(Affine.move(softened.left(), softened.top())).then(toPixels.inverse())
        .then(Affine.move(shift.x(), shift.y()));
  }

  /** A state in which all that is drawn is as dense as a halo; its opacity is in the mask, since not all readers take both. */
  PDExtendedGraphicsState masked(Art.Halo halo, double opacity) {
    return masked(thinned(softened.density(halo), opacity * halo.opacity()), placed(halo.shift()));
  }

  private static byte[] thinned(byte[] density, double opacity) {
    for (int i = 0; i < density.length; i++) {
      density[i] = (byte) Math.round((density[i] & 255) * opacity);
    }
    return density;
  }

  /** A state in which all that is drawn fades at the art's edge and is as see-through as the art. */
  PDExtendedGraphicsState feathered() {
    BlurredArt solid = BlurredArt.unsoftened(art, toPixels, softened, pictures);
    return masked(thinned(solid.featherMask(), art.opacity()), placed(new Point(0, 0)));
  }

  private PDExtendedGraphicsState masked(byte[] density, Affine unit) {
    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
    COSDictionary mask = new COSDictionary();
    mask.setItem(COSName.TYPE, COSName.MASK);
    mask.setItem(COSName.S, COSName.LUMINOSITY);
    mask.setItem(COSName.G, group(density, unit));
    mask.setItem(COSName.BC, PdfShades.numbers(0));
    state.getCOSObject().setItem(COSName.SMASK, mask);
    return state;
  }

  private COSStream group(byte[] density, Affine unit) {
    try {
      COSStream grey = PdfPictures.grey(document, density, image().getWidth(), image().getHeight());
      PDResources resources = new PDResources();
      COSName name = resources.add((PDImageXObject) PDImageXObject.createXObject(grey, null));
      PdfText text = new PdfText().raw("q").matrix(Affine.scale(1, -1).then(Affine.move(0, 1)).then(unit), "cm")
          .raw("/" + name.getName() + " Do").raw("Q");
      COSStream stream = document.getDocument().createCOSStream();
      stream.setItem(COSName.TYPE, COSName.XOBJECT);
      try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
        out.write(text.text().getBytes(StandardCharsets.US_ASCII));
      }
      PDFormXObject form = new PDFormXObject(stream);
      Box box = unit.apply(new Box(0, 0, 1, 1));
      form.setBBox(new PDRectangle((float) box.x(), (float) box.y(), (float) box.width(), (float) box.height()));
      form.setResources(resources);
      COSDictionary group = new COSDictionary();
      group.setItem(COSName.TYPE, COSName.GROUP);
      group.setItem(COSName.S, COSName.TRANSPARENCY);
      group.setItem(COSName.CS, COSName.DEVICEGRAY);
      stream.setItem(COSName.GROUP, group);
      return stream;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A state that lays down with an opacity and a blend mode. */
  static PDExtendedGraphicsState laid(double opacity, String blend) {
    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
    state.setNonStrokingAlphaConstant((float) opacity);
    state.setStrokingAlphaConstant((float) opacity);
    if (!blend.equals("Normal")) {
      state.getCOSObject().setItem(COSName.BM, COSName.getPDFName(blend));
    }
    return state;
  }
}

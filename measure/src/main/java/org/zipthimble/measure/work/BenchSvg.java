package org.zipthimble.measure.work;

import java.util.Base64;
import java.util.Locale;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;

/** The same marks as SVG, for comparing how long another renderer takes with the page; no file that people send. */
final class BenchSvg implements MarkOut {
  private final StringBuilder out = new StringBuilder();
  private int clips;

  BenchSvg(Size size) {
    out.append(String.format(Locale.ROOT, "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" "
        + "width=\"%sin\" height=\"%sin\" viewBox=\"0 0 %s %s\">%n", size.width(), size.height(), size.width(), size.height()));
  }

  String end() {
    return out.append("</svg>\n").toString();
  }

  @Override
  public void fill(Path path, Colour colour) {
    out.append("<path fill=\"").append(colour.hex()).append("\" d=\"").append(PathText.write(path)).append("\"/>\n");
  }

  @Override
  public void fill(Path path, Shade shade) {
    fill(path, shade.colours().get(0));
  }

  @Override
  public void line(Path path, Pen pen) {
    out.append("<path fill=\"none\" stroke=\"").append(pen.colour().hex()).append("\" stroke-width=\"").append(pen.width())
        .append("\" d=\"")
        .append(PathText.write(path)).append("\"/>\n");
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    fill(run.outline().mapped(toPage), colour);
  }

  @Override
  public void picture(Picture picture, Affine m) {
    out.append(String.format(Locale.ROOT, "<image width=\"1\" height=\"1\" preserveAspectRatio=\"none\" transform=\"matrix(%s %s %s %s "
        + "%s %s)\" xlink:href=\"data:image/%s;base64,",
        m.a(), m.b(), m.c(), m.d(), m.e(), m.f(), "jpg".equals(picture.kind().ending()) ? "jpeg" : "png"))
        .append(Base64.getEncoder().encodeToString(picture.blob().bytes())).append("\"/>\n");
  }

  @Override
  public Scope clip(Path path) {
    clips++;
    out.append("<clipPath id=\"c").append(clips).append("\"><path d=\"").append(PathText.write(path))
        .append("\"/></clipPath><g clip-path=\"url(#c")
        .append(clips).append(")\">\n");
    return () -> out.append("</g>\n");
  }

  @Override
  public Scope opacity(double opacity) {
    out.append("<g opacity=\"").append(opacity).append("\">\n");
    return () -> out.append("</g>\n");
  }
}

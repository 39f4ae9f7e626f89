package org.zipthimble.desktop.control;

import java.awt.image.BufferedImage;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import javafx.scene.image.ImageView;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.desktop.state.LatestWork;

/** A page drawn small, painted on a thread of its own. */
public final class PagePicture extends ImageView {
  private static final double SHARPER = 2;

  private final LatestWork painter;

  /** A picture that is painted by this worker. */
  public PagePicture(LatestWork painter) {
    this.painter = painter;
    setSmooth(true);
    getStyleClass().add("page-picture");
  }

  /**
   * Shows a page.
   *
   * @param page made on the worker's thread
   * @param scale pixels per inch
   */
  public void show(Supplier<DrawnPage> page, double scale, Halvings pictures) {
    show(ppi -> FacePainter.onPaper(page.get(), ppi, pictures), scale);
  }

  /**
   * Shows what is painted.
   *
   * @param paint at so many pixels per inch, on the worker's thread
   */
  public void show(DoubleFunction<BufferedImage> paint, double scale) {
    painter.want(
        () -> paint.apply(scale * SHARPER),
        image -> {
          setImage(FxPictures.of(image));
          setFitWidth(image.getWidth() / SHARPER);
          setFitHeight(image.getHeight() / SHARPER);
        });
  }
}

package org.zipthimble.core.picture;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.rendering.PageDrawer;
import org.apache.pdfbox.rendering.PageDrawerParameters;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Draws a page as long as it asks for no more than a page can need: forms in forms can ask for what never ends. */
final class CountedRenderer extends PDFRenderer {
  /** The most operators of a page, those of its forms counted as often as they are drawn. */
  static final long MOST = 3_000_000;

  /** The most pictures and forms that are drawn, those in forms counted as often. */
  static final long MOST_FORMS = 20_000;

  /**
   * Places farther off and letters larger than this, in points, have no part in what is seen of a page; curves so large are broken up
   * without end.
   */
  private static final float FAR = 100_000;

  /** Dashes shorter than this together, in points, look like a solid line and are countless. */
  private static final double LEAST_DASH = 0.05;

  /** The page asks for more. */
  static final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1;
  }

  CountedRenderer(PDDocument document) {
    super(document);
  }

  @Override
  protected PageDrawer createPageDrawer(PageDrawerParameters parameters) throws IOException {
    return new PageDrawer(parameters) {
      private long count;
      private long forms;

      @Override
      protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
        forms += operator.getName().equals("Do") ? 1 : 0;
        if (++count > MOST || forms > MOST_FORMS) {
          throw new TooMuch();
        }
        if (!operator.getName().equals("d") || !countless(operands)) {
          super.processOperator(operator, operands);
        }
      }

      private boolean countless(List<COSBase> operands) {
        double length = 0;
        if (!operands.isEmpty() && operands.get(0) instanceof COSArray) {
          for (float dash : ((COSArray) operands.get(0)).toFloatArray()) {
            length += dash;
          }
        }
        double scale = Math.sqrt(Math.abs(getGraphicsState().getCurrentTransformationMatrix().createAffineTransform().getDeterminant()));
        return length > 0 && length * scale < LEAST_DASH;
      }

      @Override
      protected void showGlyph(Matrix textRenderingMatrix, PDFont font, int code, Vector displacement) throws IOException {
        if (Math.max(Math.abs(textRenderingMatrix.getScalingFactorX()), Math.abs(textRenderingMatrix.getScalingFactorY())) < FAR) {
          super.showGlyph(textRenderingMatrix, font, code, displacement);
        }
      }

      @Override
      public void moveTo(float x, float y) {
        super.moveTo(near(x), near(y));
      }

      @Override
      public void lineTo(float x, float y) {
        super.lineTo(near(x), near(y));
      }

      @Override
      public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        super.curveTo(near(x1), near(y1), near(x2), near(y2), near(x3), near(y3));
      }

      @Override
      public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        super.appendRectangle(near(p0), near(p1), near(p2), near(p3));
      }

      private Point2D near(Point2D p) {
        return new Point2D.Double(near((float) p.getX()), near((float) p.getY()));
      }

      private float near(float v) {
        return Float.isNaN(v) ? 0 : Math.max(-FAR, Math.min(FAR, v));
      }
    };
  }
}

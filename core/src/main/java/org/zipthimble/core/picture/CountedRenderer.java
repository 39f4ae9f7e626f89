package org.zipthimble.core.picture;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.rendering.PageDrawer;
import org.apache.pdfbox.rendering.PageDrawerParameters;

/** Draws a page as long as it asks for no more than a page can need: forms in forms can ask for what never ends. */
final class CountedRenderer extends PDFRenderer {
  /** The most operators of a page, those of its forms counted as often as they are drawn. */
  static final long MOST = 3_000_000;

  /** The most pictures and forms that are drawn, those in forms counted as often. */
  static final long MOST_FORMS = 20_000;

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
        super.processOperator(operator, operands);
      }
    };
  }
}

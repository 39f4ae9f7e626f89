package org.zipthimble.core.paint;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.List;
import java.util.Optional;
import java.util.TimeZone;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Paints pages as PDF 1.6: true boxes, subset fonts, pictures with the pixels they came with, sRGB as
 * output intent. The same pages give the same bytes.
 */
public final class PdfPainter {
  private static final float VERSION = 1.6f;

  /** Above so many pages what they draw is laid down on the disk. */
  private static final int MANY = 8;

  private PdfPainter() {}

  /**
   * The bytes of a PDF with these pages.
   *
   * @throws IOException when a font or picture cannot be written
   * @throws Stopped when the person stopped it
   */
  public static byte[] bytes(String title, List<DrawnPage> pages, Progress progress) throws IOException, Stopped {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      write(title, PageRun.of(pages), Optional.empty(), 0, out, progress);
    } catch (Trouble unmade) {
      throw new IllegalStateException("pages that are there need not be made", unmade);
    }
    return out.toByteArray();
  }

  /**
   * Writes pages one after another; what a page draws is laid down in a file of its own until all are written, so that the memory it takes
   * does not grow with their number.
   *
   * @param press how it goes to a press, in inks and as PDF/X-4; without, the PDF is RGB
   * @param mostPpi pictures finer than this many pixels per inch are made coarser; 0 for never
   * @throws Trouble when a page cannot be made
   */
  public static void write(String title, PageRun pages, Optional<PdfPress> press, double mostPpi, OutputStream out, Progress progress)
      throws IOException, Trouble, Stopped {
    try (PDDocument document = new PDDocument(pages.count() > MANY ? IOUtils.createTempFileOnlyStreamCache()
        : IOUtils.createMemoryOnlyStreamCache())) {
      document.getDocument().setVersion(VERSION);
      document.setDocumentId(title.hashCode() * 31L + pages.count());
      document.setDocumentInformation(information(title));
      if (press.isPresent()) {
        PdfStandard.apply(document, title, press.get());
      } else {
        document.getDocumentCatalog().addOutputIntent(intent(document));
      }
      PdfAssets assets = new PdfAssets(document, press, mostPpi);
      for (int i = 0; i < pages.count(); i++) {
        progress.step((double) i / pages.count());
        document.addPage(page(document, assets, pages.at(i)));
      }
      assets.finish();
      document.save(out, CompressParameters.NO_COMPRESSION);
      progress.at(1);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  private static PDPage page(PDDocument document, PdfAssets assets, DrawnPage drawn) throws IOException {
    PdfOut out = new PdfOut(document, assets, drawn.size());
    drawn.marks().accept(out);
    PDPage page = new PDPage();
    setBox(page, COSName.MEDIA_BOX, drawn, drawn.media());
    setBox(page, COSName.CROP_BOX, drawn, drawn.media());
    setBox(page, COSName.BLEED_BOX, drawn, drawn.bleed());
    setBox(page, COSName.TRIM_BOX, drawn, drawn.trim());
    page.setResources(out.resources());
    PDStream content = new PDStream(document);
    try (OutputStream stream = content.createOutputStream(COSName.FLATE_DECODE)) {
      stream.write(out.content().getBytes(StandardCharsets.US_ASCII));
    }
    page.setContents(content);
    PdfStandard.group(page, assets.colours());
    return page;
  }

  /** Boxes are written from doubles by way of text: six decimals of a point, not the nearest float. */
  private static void setBox(PDPage page, COSName name, DrawnPage drawn, Box box) throws IOException {
    double height = drawn.size().height();
    COSArray array = new COSArray();
    for (double inches : new double[] {box.x(), height - box.bottom(), box.right(), height - box.y()}) {
      array.add(new COSFloat(PdfText.number(Unit.POINT.fromInches(inches))));
    }
    page.getCOSObject().setItem(name, array);
  }

  private static PDDocumentInformation information(String title) {
    PDDocumentInformation information = new PDDocumentInformation();
    information.setTitle(title);
    information.setCreator("Zip Thimble");
    information.setProducer("Zip Thimble");
    information.setCreationDate(fixed());
    return information;
  }

  /** One date for all files, so that the same pages give the same bytes. */
  static Calendar fixed() {
    Calendar fixed = new GregorianCalendar(TimeZone.getTimeZone("UTC"));
    fixed.setTimeInMillis(0);
    return fixed;
  }

  private static PDOutputIntent intent(PDDocument document) throws IOException {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(profile));
    intent.setInfo("sRGB IEC61966-2.1");
    intent.setOutputCondition("sRGB");
    intent.setOutputConditionIdentifier("sRGB IEC61966-2.1");
    intent.setRegistryName("http://www.color.org");
    return intent;
  }
}

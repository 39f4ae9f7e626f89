package org.zipthimble.core.paint;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import javax.xml.transform.TransformerException;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.DublinCoreSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.schema.XMPMediaManagementSchema;
import org.apache.xmpbox.schema.XMPSchema;
import org.apache.xmpbox.xml.XmpSerializer;
import org.zipthimble.core.colour.Profile;

/** What makes a PDF a PDF/X-4 (ISO 15930-7:2010): output intent, metadata, the trapping key, the page's group. */
final class PdfStandard {
  private PdfStandard() {}

  static void apply(PDDocument document, String title, PdfPress press) throws IOException {
    Profile profile = press.inking().press().profile();
    COSStream icc = document.getDocument().createCOSStream();
    icc.setInt(COSName.N, 4);
    icc.setItem(COSName.ALTERNATE, COSName.DEVICECMYK);
    try (OutputStream out = icc.createOutputStream(COSName.FLATE_DECODE)) {
      out.write(profile.bytes());
    }
    COSDictionary intent = new COSDictionary();
    intent.setItem(COSName.TYPE, COSName.getPDFName("OutputIntent"));
    intent.setName(COSName.S, "GTS_PDFX");
    intent.setString("OutputConditionIdentifier", press.condition());
    intent.setString("OutputCondition", profile.name());
    intent.setString("Info", profile.name());
    intent.setString("RegistryName", "http://www.color.org");
    intent.setItem("DestOutputProfile", icc);
    document.getDocumentCatalog().addOutputIntent(new PDOutputIntent(intent));
    document.getDocumentInformation().setTrapped("False");
    document.getDocumentInformation().getCOSObject().setString("GTS_PDFXVersion", "PDF/X-4");
    document.getDocumentInformation().setModificationDate(document.getDocumentInformation().getCreationDate());
    PDMetadata metadata = new PDMetadata(document, new ByteArrayInputStream(xmp(title)));
    document.getDocumentCatalog().setMetadata(metadata);
  }

  /** The space in which a page's transparent parts are mixed. */
  static void group(PDPage page, PdfColours colours) {
    COSDictionary group = new COSDictionary();
    group.setItem(COSName.TYPE, COSName.GROUP);
    group.setItem(COSName.S, COSName.TRANSPARENCY);
    group.setItem(COSName.CS, colours.space());
    page.getCOSObject().setItem(COSName.GROUP, group);
  }

  /** The metadata that the standard asks for (6.3), as XMP (ISO 16684-1). */
  private static byte[] xmp(String title) throws IOException {
    try {
      XMPMetadata all = XMPMetadata.createXMPMetadata();
      DublinCoreSchema core = all.createAndAddDublinCoreSchema();
      core.setFormat("application/pdf");
      core.setTitle(title.replaceAll("[\\x00-\\x1F]", " "));
      XMPBasicSchema basic = all.createAndAddXMPBasicSchema();
      basic.setCreateDate(PdfPainter.fixed());
      basic.setModifyDate(PdfPainter.fixed());
      basic.setMetadataDate(PdfPainter.fixed());
      basic.setCreatorTool("Zip Thimble");
      XMPMediaManagementSchema kept = all.createAndAddXMPMediaManagementSchema();
      kept.setDocumentID("uuid:" + UUID.nameUUIDFromBytes(title.getBytes(StandardCharsets.UTF_8)));
      kept.setVersionID("1");
      kept.setRenditionClass("default");
      // The schema of the PDF keys stands beside the basic one.
      XMPSchema pdf = new XMPSchema(all, basic.getNamespace().replace("xap/1.0", "pdf/1.3"), "pdf");
      pdf.setTextPropertyValue("Producer", "Zip Thimble");
      pdf.setTextPropertyValue("Trapped", "False");
      all.addSchema(pdf);
      XMPSchema standard = new XMPSchema(all, "http://www.npes.org/pdfx/ns/id/", "pdfxid");
      standard.setTextPropertyValue("GTS_PDFXVersion", "PDF/X-4");
      all.addSchema(standard);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      new XmpSerializer().serialize(all, out, true);
      return out.toByteArray();
    } catch (TransformerException e) {
      throw new IOException(e);
    }
  }
}

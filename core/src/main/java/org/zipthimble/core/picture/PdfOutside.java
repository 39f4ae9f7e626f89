package org.zipthimble.core.picture;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;

/** What leads outside of a PDF file, or tells where it has been: addresses of streams, actions, what programs noted. */
public final class PdfOutside {
  private static final int DEEPEST = 60;
  private static final List<COSName> OUTSIDE = Stream.of("A", "AA", "URI", "OPI", "PieceInfo", "Metadata", "LastModified", "Alternates",
      "EF", "AF")
      .map(COSName::getPDFName).toList();
  private static final List<COSName> OUTSIDE_STREAM = Stream.of("F", "FFilter", "FDecodeParms").map(COSName::getPDFName).toList();

  private PdfOutside() {}

  /** Takes it out of all that hangs on something of a file. */
  public static void removed(COSBase base) {
    removed(base, Collections.newSetFromMap(new IdentityHashMap<>()), 0);
  }

  private static void removed(COSBase base, Set<COSBase> seen, int depth) {
    COSBase is = base instanceof COSObject ? ((COSObject) base).getObject() : base;
    if (depth > DEEPEST || !seen.add(is)) {
      return;
    }
    if (is instanceof COSArray) {
      ((COSArray) is).forEach(one -> removed(one, seen, depth + 1));
    } else if (is instanceof COSDictionary) {
      COSDictionary dictionary = (COSDictionary) is;
      OUTSIDE.forEach(dictionary::removeItem);
      if (is instanceof COSStream) {
        OUTSIDE_STREAM.forEach(dictionary::removeItem);
      }
      dictionary.getValues().forEach(value -> removed(value, seen, depth + 1));
    }
  }
}

/** All computation of Zip Thimble: no window, no static screen, locale or resolution. */
module org.zipthimble.core {
  requires static io.soabase.recordbuilder.core;
  requires static java.compiler;
  requires java.desktop;
  requires java.xml;
  requires com.fasterxml.jackson.databind;
  requires com.fasterxml.jackson.datatype.jdk8;
  requires org.apache.pdfbox;
  requires org.apache.pdfbox.io;
  requires org.apache.xmpbox;
  requires com.github.librepdf.openpdf;
  requires org.locationtech.jts;
  requires org.apache.commons.csv;
  requires org.dhatim.fastexcel.reader;
  requires com.ibm.icu;
  requires okapibarcode;
  requires org.apache.lucene.core;
  requires org.apache.lucene.analysis.common;
  requires org.lwjgl;
  requires org.lwjgl.natives;
  requires org.lwjgl.harfbuzz;
  requires org.lwjgl.harfbuzz.natives;
  requires jdk.unsupported;
  requires org.apache.commons.logging;

  exports org.zipthimble.core.arrange;
  exports org.zipthimble.core.bring;
  exports org.zipthimble.core.check;
  exports org.zipthimble.core.code;
  exports org.zipthimble.core.colour;
  exports org.zipthimble.core.cut;
  exports org.zipthimble.core.edit;
  exports org.zipthimble.core.form;
  exports org.zipthimble.core.geom;
  exports org.zipthimble.core.job;
  exports org.zipthimble.core.marks;
  exports org.zipthimble.core.nest;
  exports org.zipthimble.core.paint;
  exports org.zipthimble.core.picture;
  exports org.zipthimble.core.proof;
  exports org.zipthimble.core.send;
  exports org.zipthimble.core.sheet;
  exports org.zipthimble.core.store;
  exports org.zipthimble.core.type;
  exports org.zipthimble.core.units;
  exports org.zipthimble.core.wording;
  exports org.zipthimble.core.work;

  opens org.zipthimble.core.code to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.colour to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.geom to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.job to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.picture to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.store to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.type to com.fasterxml.jackson.databind;
  opens org.zipthimble.core.units to com.fasterxml.jackson.databind;
}

/** Stand-ins for machines: programs of their own that speak the machines' languages over loopback. */
module org.zipthimble.practice {
  requires static io.soabase.recordbuilder.core;
  requires static java.compiler;
  requires java.desktop;
  requires java.net.http;
  requires jdk.httpserver;
  requires jipp.core;
  requires kotlin.stdlib;
  requires javafx.controls;
  requires org.apache.pdfbox;
  requires org.zipthimble.core;
  requires org.zipthimble.link;

  exports org.zipthimble.practice.machine;
  exports org.zipthimble.practice.printer;
  exports org.zipthimble.practice.window to javafx.graphics;
}

/** The desktop application: stations, bench, ticket, tag and tray. */
module org.zipthimble.desktop {
  requires java.desktop;
  requires java.management;
  requires javafx.controls;
  requires org.zipthimble.core;
  requires org.zipthimble.practice;
  requires org.zipthimble.samples;

  exports org.zipthimble.desktop to javafx.graphics;
}

/** What states speeds and takes pictures of the program; no part of what is shipped. */
module org.zipthimble.measure {
  requires java.desktop;
  requires java.management;
  requires javafx.controls;
  requires info.picocli;
  requires org.zipthimble.cli;
  requires org.zipthimble.core;
  requires org.zipthimble.desktop;
  requires org.zipthimble.samples;

  exports org.zipthimble.measure.window to javafx.graphics;

  opens org.zipthimble.measure.work to info.picocli;
}

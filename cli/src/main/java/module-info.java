/** The commands that need no window. */
module org.zipthimble.cli {
  requires java.desktop;
  requires org.zipthimble.core;
  requires info.picocli;
  requires java.management;
  requires com.fasterxml.jackson.databind;

  exports org.zipthimble.cli to org.zipthimble.measure;

  opens org.zipthimble.cli to info.picocli;
}

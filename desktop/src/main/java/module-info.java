/** The desktop application: stations, bench, ticket, tag and tray. */
module org.zipthimble.desktop {
  requires java.desktop;
  requires java.management;
  requires javafx.controls;
  requires org.zipthimble.core;
  requires org.zipthimble.link;
  requires org.zipthimble.practice;
  requires org.zipthimble.samples;

  exports org.zipthimble.desktop to javafx.graphics, org.zipthimble.measure;
  exports org.zipthimble.desktop.bench to org.zipthimble.measure;
  exports org.zipthimble.desktop.command to org.zipthimble.measure;
  exports org.zipthimble.desktop.control to org.zipthimble.measure;
  exports org.zipthimble.desktop.state to org.zipthimble.measure;
  exports org.zipthimble.desktop.tray to org.zipthimble.measure;
}

/** The links to machines: a printer by IPP, a cutter by its plotter language. */
module org.zipthimble.link {
  requires java.net.http;
  requires jipp.core;
  requires kotlin.stdlib;
  requires transitive org.zipthimble.core;

  exports org.zipthimble.link;
}
